import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { firingCues, planStrip, repeatAsFired, restOfFiring, type Lamp } from '../src/index.ts';

describe('the sounds of a firing', () => {
  it('a 2.3 s firing: three beats, light, two beats, dark', () => {
    expect(firingCues(2.3).map(({ kind, atSeconds }) => [kind, atSeconds])).toEqual([
      ['count-in', 0],
      ['count-in', 1],
      ['count-in', 2],
      ['lamp-on', 3],
      ['beat', 4],
      ['beat', 5],
      ['lamp-off', 5.3],
    ]);
  });

  it('no beat runs into the end', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 300, noNaN: true }), (seconds) => {
        const cues = firingCues(seconds);
        const off = cues.at(-1)!;
        expect(off.kind).toBe('lamp-off');
        for (const cue of cues.slice(0, -1))
          expect(off.atSeconds - cue.atSeconds).toBeGreaterThan(0.09);
        expect(off.atSeconds - cues.find(({ kind }) => kind === 'lamp-on')!.atSeconds).toBeCloseTo(
          seconds,
          9,
        );
      }),
    );
  });
});

describe('a print in the firings of its strip', () => {
  const choices = {
    kind: 'stops',
    method: 'cover-up',
    firstSeconds: 4,
    step: 0.5,
    patches: 7,
  } as const;

  it('repeats a patch exactly', () => {
    const lamp: Lamp = { lagSeconds: 0.18, timerStepSeconds: 0.1 };
    const { firings, patches } = planStrip(choices, lamp);
    expect(repeatAsFired(firings, patches[3]!.givenSeconds, lamp)).toEqual([4.2, 1.8, 2.5, 3.5]);
  });

  it('gives what was asked for, whatever the lag, to half a timer step', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 0.4, noNaN: true }),
        fc.double({ min: 4.5, max: 31, noNaN: true }),
        (lagSeconds, seconds) => {
          const lamp: Lamp = { lagSeconds, timerStepSeconds: 0.1 };
          const dials = repeatAsFired(planStrip(choices, lamp).firings, seconds, lamp);
          const given = dials.reduce((sum, dial) => sum + dial - lagSeconds, 0);
          expect(Math.abs(given - seconds)).toBeLessThan(0.1 + 1e-6);
        },
      ),
    );
  });

  it('says that a shorter print is one firing', () => {
    const lamp: Lamp = { lagSeconds: 0, timerStepSeconds: 0.1 };
    expect(() => repeatAsFired(planStrip(choices, lamp).firings, 2, lamp)).toThrow('first firing');
  });
});

describe('the rest of a firing that was stopped', () => {
  it('brings the light to what was wanted, whenever it was stopped', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 120, noNaN: true }),
        fc.double({ min: 0.01, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 0.4, noNaN: true }),
        (dialSeconds, share, lagSeconds) => {
          const lit = dialSeconds * share;
          const rest = restOfFiring(dialSeconds, lit, { lagSeconds, timerStepSeconds: 0.001 });
          const light = (dial: number) => Math.max(0, dial - lagSeconds);
          expect(Math.abs(light(lit) + light(rest) - light(dialSeconds))).toBeLessThan(0.011);
        },
      ),
    );
  });

  it('is dialled as the timer can, what had been counted less the lag (P4)', () => {
    const rest = restOfFiring(21.22, 12.4, { lagSeconds: 0.22, timerStepSeconds: 0.1 });
    expect(rest).toBe(9);
    expect(21 - (12.4 - 0.22)).toBeCloseTo(8.82, 3);
    const got = 12.4 - 0.22 + (rest - 0.22);
    expect(Math.log2(got / 21)).toBeCloseTo(-0.002751, 5);
  });

  it('is the whole firing where the lamp never glowed', () => {
    const lamp = { lagSeconds: 0.2, timerStepSeconds: 0.1 };
    expect(restOfFiring(10, 0, lamp)).toBe(10);
    expect(restOfFiring(10, 12, lamp)).toBe(0);
  });
});
