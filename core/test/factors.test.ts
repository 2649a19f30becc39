import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  agitationFactor,
  agitationFamily,
  agitationScheme,
  agitationSchemes,
  clockFactor,
  development,
  readOffClock,
  reuseFactor,
  type Refusal,
  takenOnClock,
  type FilmRecipe,
  type OwnAgitation,
  type ReuseRule,
} from '../src/index.ts';
import { at, singleRecipe } from './recipes.ts';

const own: OwnAgitation = {
  name: 'twice every 90 s',
  initialSeconds: 20,
  everySeconds: 90,
  burstSeconds: 6,
  turns: 2,
  continuous: false,
};

describe('agitation', () => {
  it('continuous or rotary takes ×0.85 where the recipe was for intermittent', () => {
    expect(agitationFactor('each-minute', 'rotary')).toBe(0.85);
    expect(agitationFactor('each-half-minute', 'continuous')).toBe(0.85);
    expect(agitationFactor('rotary', 'continuous')).toBe(1);
    expect(agitationFactor('each-minute', 'each-half-minute')).toBe(1);
  });

  it('there and back is the same time again', () => {
    expect(
      agitationFactor('rotary', 'each-minute')! * agitationFactor('each-minute', 'rotary')!,
    ).toBe(1);
  });

  it('has no rule to or from standing, and the development says so', () => {
    expect(agitationFactor('each-minute', 'stand')).toBeUndefined();
    expect(agitationFactor('semi-stand', 'rotary')).toBeUndefined();
    const stood = development(singleRecipe, 20, 400, { agitation: 'stand' });
    expect(stood.seconds).toBe(540);
    expect(stood.cautions).toContain('no-rule-for-agitation');
  });

  it('a push and N multiply, and that is said: as a rule one of the two is meant', () => {
    const recipe: FilmRecipe = { ...singleRecipe, contrast: [{ n: 1, percent: 25 }] };
    const both = development(recipe, 20, 800, { n: 1 });
    expect(both.seconds).toBeCloseTo(540 * 1.4 * 1.25, 6);
    expect(both.cautions).toContain('push-and-contrast');
    expect(development(recipe, 20, 800).cautions).not.toContain('push-and-contrast');
    expect(development(recipe, 20, 400, { n: 1 }).cautions).not.toContain('push-and-contrast');
  });

  it('one’s own scheme is as good as a known one', () => {
    expect(agitationFamily(own)).toBe('intermittent');
    expect(agitationScheme(own).hands).toBe('Invert it 2 times, then tap');
    expect(agitationScheme({ ...own, turns: 0 }).hands).toBe('Move it, then tap');
    expect(agitationScheme({ ...own, continuous: true }).hands).toBe('Keep it moving');
    expect(agitationFactor(own, 'continuous')).toBe(0.85);
  });

  it('every known scheme belongs to a family', () => {
    const families = Object.fromEntries(
      agitationSchemes.map(({ id }) => [id, agitationFamily(id)]),
    );
    expect(families).toEqual({
      'each-minute': 'intermittent',
      'each-half-minute': 'intermittent',
      continuous: 'continuous',
      rotary: 'continuous',
      'semi-stand': 'stand',
      stand: 'stand',
      rest: 'stand',
    });
  });
});

describe('reuse', () => {
  const rule: ReuseRule = { kind: 'batch', rolls: 5, percent: 12 };
  const recipe: FilmRecipe = {
    ...singleRecipe,
    points: [{ temperatureC: 20, seconds: at(7, 30) }],
    reuse: rule,
  };

  it.each([
    [0, at(7, 30)],
    [4, at(7, 30)],
    [5, at(8, 24)],
    [9, at(8, 24)],
    [10, at(9, 24.5)],
    [14, at(9, 24.5)],
  ])('7:30, 12 %% per 5 rolls, after %i rolls', (rollsBefore, seconds) => {
    const reused = development(recipe, 20, 400, { rollsBefore });
    expect(Math.abs(reused.seconds - seconds)).toBeLessThan(0.06);
  });

  it('replenished keeps its time; a one-shot refuses a second roll', () => {
    expect(reuseFactor({ kind: 'replenish', mlPerRoll: 70 }, 40)).toBe(1);
    expect(() => reuseFactor({ kind: 'one-shot' }, 1)).toThrow(/Mix it fresh/);
    expect(reuseFactor(rule, 7.75)).toBe(reuseFactor(rule, 7));
    expect(() => reuseFactor(rule, -1)).toThrow(/as 0 or 6/);
  });

  it('has an end: a thousand rolls are refused', () => {
    expect(() => reuseFactor(rule, 1000)).toThrow(/three times as long as fresh/);
    expect(reuseFactor(rule, 49)).toBeCloseTo(1.12 ** 9);
    expect(() => reuseFactor(rule, 50)).toThrow(/Mix it anew/);
  });

  it('never gets shorter with more rolls', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 20 }),
        fc.double({ min: 0, max: 40, noNaN: true }),
        fc.nat(100),
        (rolls, percent, before) => {
          const batch: ReuseRule = { kind: 'batch', rolls, percent };
          try {
            const after = reuseFactor(batch, before + 1);
            expect(after).toBeGreaterThanOrEqual(reuseFactor(batch, before));
            expect(after).toBeLessThanOrEqual(3);
          } catch (cause) {
            expect((cause as Refusal).code).toBe('reuse-end');
          }
        },
      ),
    );
  });
});

describe('everything multiplied', () => {
  const recipe: FilmRecipe = {
    ...singleRecipe,
    reuse: { kind: 'batch', rolls: 5, percent: 12 },
    contrast: [{ n: -1, percent: -20 }],
    clockFactor: 1.2,
  };

  it('is a line each, and their product is the time', () => {
    const all = development(recipe, 20, 800, { agitation: 'rotary', rollsBefore: 6, n: -1 });
    expect(all.factors.map(({ id, factor, ruleOfThumb }) => [id, factor, ruleOfThumb])).toEqual([
      ['clock', 1.2, false],
      ['push', 1.4, true],
      ['agitation', 0.85, true],
      ['reuse', 1.12, false],
      ['contrast', 0.8, false],
    ]);
    expect(all.seconds).toBeCloseTo(540 * 1.2 * 1.4 * 0.85 * 1.12 * 0.8);
    expect(all.factor).toBeCloseTo(all.seconds / 540);
  });

  it('what is 1 has no line', () => {
    expect(development(singleRecipe, 20, 400).factors).toEqual([]);
  });

  it('refuses an N that the recipe does not have', () => {
    expect(() => development(recipe, 20, 400, { n: 2 })).toThrow(
      'This recipe says nothing about N+2.',
    );
    expect(() => development(singleRecipe, 20, 400, { n: -1 })).toThrow(/N−1/);
  });
});

describe('a wrong clock', () => {
  it('made for 60 Hz on 50 Hz mains: an indicated minute lasts 72 s', () => {
    const factor = clockFactor(60, 72);
    expect(factor).toBe(1.2);
    expect(takenOnClock(60, factor)).toBe(72);
    expect(readOffClock(at(9), factor)).toBe(at(7, 30));
  });

  it('reading off and taking on undo each other', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 7200, noNaN: true }),
        fc.double({ min: 0.5, max: 2, noNaN: true }),
        (seconds, factor) => {
          expect(readOffClock(takenOnClock(seconds, factor), factor)).toBeCloseTo(seconds, 6);
        },
      ),
    );
  });

  it('that wrong was misread', () => {
    expect(() => clockFactor(60, 180)).toThrow(/one full minute/);
    expect(() => clockFactor(60, 0)).toThrow(/one full minute/);
  });
});
