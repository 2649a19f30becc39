import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  advisePrint,
  beginBelief,
  certainties,
  contrastSet,
  defaultPaper,
  expectedLight,
  keepTone,
  nearestSetting,
  nextNegative,
  normalBelow,
  observeWithin,
  seeLooks,
  seeProbe,
  settingOf,
  settingOutlook,
  solveContrast,
  spreadOf,
  truncated,
  type Gaussian,
  type Look,
  type PrintBelief,
  type PrintPrior,
} from '../src/index.ts';

const set = contrastSet('filters');
const prior: PrintPrior = {
  paper: defaultPaper,
  set,
  highlightDensity: 0.1,
  shadowDensity: 1.72,
  guessSeconds: 10,
  guessWithinStops: 3,
  lagSeconds: 0,
  lagWithinSeconds: 0,
  speedWithinStops: 0.25,
  rangeWithinShare: 0.08,
};
const begun = beginBelief(prior);
const strip = (first: number, step: number, patches: number) =>
  Array.from({ length: patches }, (_, index) => ({
    dialSeconds: first * 2 ** (step * index),
    firings: 1,
  }));
const third = strip(5, 1 / 3, 7);
const lamp = { lagSeconds: 0, timerStepSeconds: 0.1 };
const pick = (
  place: 'highlight' | 'shadow',
  position: number,
  settingId = '2',
  doubtStops = 0,
) => ({ settingId, place, patches: third, position, doubtStops });
const see = (belief: PrintBelief, look: Look) => seeLooks(belief, [look]);
const stateOf = ({ cases }: PrintBelief) => cases[0]!.of.state;

describe('a normal number', () => {
  it.each([
    [-3, 0.00135],
    [-1.96, 0.025],
    [0, 0.5],
    [1, 0.84134],
    [6, 1],
  ])('is below %s with probability %s', (z, p) => {
    expect(Math.abs(normalBelow(z) - p)).toBeLessThan(1e-5);
  });

  it('between bounds has the moments that summing up gives', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -3, max: 3, noNaN: true }),
        fc.double({ min: -2, max: 1.5, noNaN: true }),
        fc.double({ min: 0.05, max: 3, noNaN: true }),
        (mean, low, width) => {
          const high = low + width;
          let mass = 0;
          let first = 0;
          let second = 0;
          const steps = 4000;
          for (let n = 0; n < steps; n += 1) {
            const x = low + ((n + 0.5) / steps) * width;
            const p = Math.exp(-((x - mean) ** 2) / 2);
            mass += p;
            first += p * x;
            second += p * x * x;
          }
          const found = truncated({ mean, variance: 1 }, low, high);
          expect(found.mean).toBeCloseTo(first / mass, 3);
          expect(found.variance).toBeCloseTo(second / mass - (first / mass) ** 2, 3);
        },
      ),
    );
  });

  it('that can hardly be there is put at the nearest bound', () => {
    expect(truncated({ mean: 0, variance: 1 }, 20, 21).mean).toBe(20);
    expect(truncated({ mean: 30, variance: 1 }, -Infinity, 20).mean).toBe(20);
  });
});

describe('seeing', () => {
  const belief: Gaussian = {
    mean: [1, 2, 3],
    covariance: [
      [4, 1, 0],
      [1, 2, 0.5],
      [0, 0.5, 1],
    ],
  };

  it('never makes less sure, and keeps the covariance one', () => {
    const weight = fc.double({ min: -2, max: 2, noNaN: true });
    fc.assert(
      fc.property(weight, weight, weight, weight, (a, b, c, low) => {
        fc.pre(Math.abs(a) + Math.abs(b) + Math.abs(c) > 0.1);
        const weights = new Map([a, b, c].map((value, i) => [i, value]));
        const after = observeWithin(belief, weights, low, low + 1, 0.01);
        after.covariance.forEach((row, i) => {
          expect(row[i]!).toBeGreaterThan(0);
          expect(row[i]!).toBeLessThanOrEqual(belief.covariance[i]![i]! + 1e-9);
          row.forEach((value, j) => expect(value).toBeCloseTo(after.covariance[j]![i]!, 9));
        });
      }),
    );
  });

  it('anything at all says nothing', () => {
    const after = observeWithin(belief, new Map([[0, 1]]), -Infinity, Infinity, 0.01);
    expect(after.mean).toEqual(belief.mean);
    expect(spreadOf(after, new Map([[0, 1]])).variance).toBeCloseTo(4);
  });
});

describe('a belief of a print', () => {
  it('after a pick has the highlight where it was picked', () => {
    const seen = see(begun, pick('highlight', 3));
    const { dialSeconds, stopsSd } = settingOutlook(seen, '2');
    expect(Math.abs(Math.log2(dialSeconds / 10))).toBeLessThan(0.02);
    expect(stopsSd).toBeLessThan(0.11);
  });

  it('with an exact eye the truth lies in what was picked, wherever it is', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 11 }), (half) => {
        const exact = see(begun, pick('highlight', half / 2, '2', 1e-6));
        const { dialSeconds } = settingOutlook(exact, '2');
        const picked = 5 * 2 ** (half / 6);
        expect(Math.abs(Math.log2(dialSeconds / picked))).toBeLessThan(1 / 12 + 1e-3);
      }),
    );
  });

  it('at the end of a strip says only “there or beyond”', () => {
    const end = settingOutlook(see(begun, pick('highlight', 6)), '2');
    const inside = settingOutlook(see(begun, pick('highlight', 5)), '2');
    expect(end.dialSeconds).toBeGreaterThan(20);
    expect(end.stopsSd).toBeGreaterThan(3 * inside.stopsSd);
  });

  it('picks the setting that the curves give, where settings are what they say', () => {
    const trusted = beginBelief({ ...prior, speedWithinStops: 0.01, rangeWithinShare: 0.001 });
    for (const [highlight, shadow] of [
      [3, 4],
      [4, 3],
      [2, 5],
      [3, 3],
    ] as const) {
      const seen = seeLooks(trusted, [
        pick('highlight', highlight, '2', 0.01),
        pick('shadow', shadow, '2', 0.01),
      ]);
      const { best } = advisePrint(seen, certainties[2], lamp);
      const curve = solveContrast(defaultPaper, {
        range: 110,
        highlightSeconds: third[highlight]!.dialSeconds,
        shadowSeconds: third[shadow]!.dialSeconds,
        highlightDensity: 0.1,
        shadowDensity: 1.72,
      });
      const setting = nearestSetting(set, curve.range);
      const kept = keepTone(
        defaultPaper,
        settingOf(set, '2'),
        setting,
        third[highlight]!.dialSeconds,
        0.1,
      );
      expect(best.setting.id).toBe(setting.id);
      expect(Math.abs(Math.log2(best.dialSeconds / kept))).toBeLessThan(0.06);
    }
  });

  it('carries a time to another setting as the curves do, less surely', () => {
    const seen = see(begun, pick('highlight', 3));
    const other = settingOutlook(seen, '4');
    const carried = keepTone(defaultPaper, settingOf(set, '2'), settingOf(set, '4'), 10, 0.1);
    expect(Math.abs(Math.log2(other.dialSeconds / carried))).toBeLessThan(0.05);
    expect(other.stopsSd).toBeGreaterThan(settingOutlook(seen, '2').stopsSd);
  });

  it('does not mind the order of looks', () => {
    const a = pick('highlight', 2.5);
    const b = pick('shadow', 4);
    const one = stateOf(seeLooks(begun, [a, b]));
    const two = stateOf(seeLooks(begun, [b, a]));
    one.mean.forEach((value, i) => expect(value).toBeCloseTo(two.mean[i]!, 1));
  });

  it('firings of a lamp that lags count: the same light by many firings was less', () => {
    const lagging = beginBelief({ ...prior, lagSeconds: 0.2, lagWithinSeconds: 0 });
    const many = third.map(({ dialSeconds }, index) => ({ dialSeconds, firings: index + 1 }));
    const seen = see(lagging, { ...pick('highlight', 3), patches: many });
    // Four firings of ten seconds in all gave 9.2 s of light; one firing of 9.4 s gives the same.
    expect(settingOutlook(seen, '2').dialSeconds).toBeCloseTo(9.4, 0);
  });

  it('refuses a patch the strip does not have, a setting the set does not have, and no guess', () => {
    expect(() => see(begun, pick('highlight', 7))).toThrow(/patches 1 to 7/);
    expect(() => settingOutlook(begun, '9')).toThrow(/no setting 9/);
    expect(() => beginBelief({ ...prior, guessSeconds: 0 })).toThrow(/more than zero/);
  });
});

describe('what is learned', () => {
  it('of settings stays with the next negative, what was believed of the negative goes', () => {
    const seen = ['2', '3'].reduce((belief, id) => see(belief, pick('highlight', 3, id)), begun);
    const next = nextNegative(seen, prior);
    const before = settingOutlook(begun, '2');
    expect(settingOutlook(next, '2').stopsSd).toBeGreaterThan(1.5);
    // One pick at 2 tells more of 3 than it did before anything was known of the two.
    const fresh = settingOutlook(see(begun, pick('highlight', 3)), '3');
    const knowing = settingOutlook(see(next, pick('highlight', 3)), '3');
    expect(knowing.stopsSd).toBeLessThan(fresh.stopsSd * 0.8);
    expect(before.mismatchSd).toBeCloseTo(settingOutlook(next, '2').mismatchSd, 0);
  });

  it('two probe readings give the contrast at once, and the time after one print with them', () => {
    const readings = { by: 'light', scale: 'probe', highlightLog: 1, shadowLog: 1.8 } as const;
    const read = seeProbe(begun, readings);
    const sure = advisePrint(read, certainties[0], lamp).best;
    expect(sure.mismatchSd).toBeLessThan(6);
    expect(settingOutlook(read, '2').stopsSd).toBeGreaterThan(1.5);
    const printed = ['highlight', 'shadow'].reduce(
      (belief, place) => see(belief, pick(place as 'highlight', 3)),
      read,
    );
    const next = seeProbe(nextNegative(printed, prior), {
      ...readings,
      ...{ highlightLog: 0.7, shadowLog: 1.5 },
    });
    // Half the light on the baseboard: twice the time.
    expect(settingOutlook(next, '2').dialSeconds).toBeCloseTo(20, -1);
    expect(settingOutlook(next, '2').stopsSd).toBeLessThan(0.25);
  });
});

describe('the advice', () => {
  const sure = (belief: typeof begun, wanted: { stops: number; range: number }) =>
    advisePrint(belief, wanted, lamp).strip === undefined;

  it('begins with a strip wide enough for any negative, and narrows it', () => {
    const [first] = advisePrint(begun, certainties[1], lamp, 1).strip!;
    expect(first!.patches).toBe(15);
    expect(first!.stepStops).toBeLessThan(0.7);
    expect(Math.log2(first!.firstSeconds)).toBeLessThan(Math.log2(10) - 3);
    const wide = strip(first!.firstSeconds, 0.5, 15);
    const seen = (['highlight', 'shadow'] as const).reduce(
      (belief, place) =>
        see(belief, {
          ...{ settingId: first!.settingId, place, patches: wide, position: 7 },
        }),
      begun,
    );
    const next = advisePrint(seen, certainties[2], lamp).strip!;
    expect(next[0]!.stepStops).toBeLessThan(0.5);
    expect(next.length).toBe(2);
    expect(advisePrint(seen, certainties[2], lamp, 1).strip!).toHaveLength(1);
    for (const { settingId, firstSeconds, stepStops, patches } of next) {
      const { mean } = expectedLight(seen, settingId, 'highlight');
      expect(Math.log2(firstSeconds)).toBeLessThan(mean);
      expect(Math.log2(firstSeconds) + stepStops * (patches - 1)).toBeGreaterThan(mean);
    }
  });

  it('more certainty never asks for less paper', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 10 }),
        fc.integer({ min: 2, max: 10 }),
        (highlight, shadow) => {
          const seen = seeLooks(begun, [
            pick('highlight', highlight / 2),
            pick('shadow', shadow / 2),
          ]);
          const [look, work, exhibition] = certainties.map((wanted) => sure(seen, wanted));
          if (exhibition) expect(work).toBe(true);
          if (work) expect(look).toBe(true);
        },
      ),
    );
  });

  it('says when no setting holds the negative', () => {
    const far = strip(10, 1, 7);
    const look = (place: 'highlight' | 'shadow', position: number, settingId: string) => ({
      settingId,
      place,
      patches: far,
      position,
    });
    const hard = ['5', '4.5'].reduce(
      (belief, id) => seeLooks(belief, [look('highlight', 1, id), look('shadow', 2, id)]),
      begun,
    );
    expect(advisePrint(hard, certainties[1], lamp).beyond).toBe('too-hard');
    expect(advisePrint(begun, certainties[1], lamp).beyond).toBeNull();
  });
});
