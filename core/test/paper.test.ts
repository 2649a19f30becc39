import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  blueShareFor,
  contrastSet,
  contrastSets,
  curveFor,
  defaultPaper,
  densityAt,
  formulaRange,
  isoRange,
  keepTone,
  logExposureAt,
  nearestSetting,
  rangeLimits,
  settingOf,
  solveContrast,
  toneById,
  toneWord,
  tonesAt,
} from '../src/index.ts';

const VIII = toneById('VIII').netDensity;
const II = toneById('II').netDensity;
const III = toneById('III').netDensity;

describe('the paper model', () => {
  it('runs from R 49.3 in blue to R 175.6 in green', () => {
    const { hardest, softest } = rangeLimits(defaultPaper);
    expect(hardest).toBeCloseTo(49.3, 1);
    expect(softest).toBeCloseTo(175.6, 1);
  });

  it.each([
    [130, 0.053],
    [110, 0.105],
    [90, 0.196],
    [70, 0.357],
  ])('R %i takes a blue share of %f', (range, share) => {
    expect(blueShareFor(defaultPaper, range)).toBeCloseTo(share, 3);
  });

  /** How far the slope sags between two of its humps, as a share of the lower hump: a terrace in the tones. */
  const worstSag = (layers: number, share: number) => {
    const layerOffsets = Array.from(
      { length: layers },
      (_, index) => (1.65 * index) / (layers - 1),
    );
    const curve = curveFor({ ...defaultPaper, layerOffsets }, share);
    const slopes = Array.from({ length: 300 }, (_, index) => {
      const logH = -1 + index / 100;
      return densityAt(curve, logH + 0.01) - densityAt(curve, logH);
    });
    expect(Math.min(...slopes)).toBeGreaterThan(0);
    const sags = slopes.map(
      (slope, index) =>
        1 -
        slope / Math.min(Math.max(...slopes.slice(0, index + 1)), Math.max(...slopes.slice(index))),
    );
    return Math.max(...sags);
  };

  it.each([0, 0.05, 0.2, 0.5, 1])('has no terraces at a blue share of %f', (share) => {
    expect(worstSag(defaultPaper.layerOffsets.length, share)).toBeLessThan(0.15);
  });

  it('would have them with four layers', () => expect(worstSag(4, 0)).toBeGreaterThan(0.5));

  it('gives an exposure back as a density and the other way round', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.001, max: 0.999, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (height, share) => {
          const curve = curveFor(defaultPaper, share);
          const density = curve.dMin + height * (curve.dMax - curve.dMin);
          expect(densityAt(curve, logExposureAt(curve, density))).toBeCloseTo(density, 9);
        },
      ),
    );
  });

  it('mixes to any range between its ends, and stays at an end beyond', () => {
    fc.assert(
      fc.property(fc.double({ min: 50, max: 175, noNaN: true }), (range) => {
        expect(isoRange(curveFor(defaultPaper, blueShareFor(defaultPaper, range)))).toBeCloseTo(
          range,
          6,
        );
      }),
    );
    expect(blueShareFor(defaultPaper, 30)).toBeCloseTo(1, 5);
    expect(blueShareFor(defaultPaper, 300)).toBeCloseTo(0, 5);
  });

  it('cannot show more than its black', () => {
    expect(() => logExposureAt(curveFor(defaultPaper, 1), 2.2)).toThrow(
      'between 0.06 and 2.15, not 2.20',
    );
  });
});

describe('contrast from two picks', () => {
  const question = { range: 110, highlightSeconds: 10, highlightDensity: VIII };

  it.each([
    [14.1, II, 95.1, 94.4, 11.0],
    [14.1, III, 95.1, 92.3, 11.2],
    [20, II, 79.9, 78.5, 12.6],
    [20, III, 79.9, 74.9, 13.1],
  ])('shadow at %f s and density %f', (shadowSeconds, shadowDensity, formula, range, seconds) => {
    const answer = solveContrast(defaultPaper, { ...question, shadowSeconds, shadowDensity });
    expect(answer.formulaRange).toBeCloseTo(formula, 1);
    expect(answer.range).toBeCloseTo(range, 1);
    expect(answer.seconds).toBeCloseTo(seconds, 1);
    expect(answer.beyond).toBeNull();
  });

  it.each([
    [90, 1.14],
    [70, 1.38],
    [52, 1.68],
  ])('the highlight at R %i needs ×%f', (range, factor) => {
    const from = { range: 110, speedStops: 0 };
    expect(keepTone(defaultPaper, from, { range, speedStops: 0 }, 1, VIII)).toBeCloseTo(factor, 2);
    expect(keepTone(defaultPaper, from, { range, speedStops: -1 }, 1, VIII)).toBeCloseTo(
      factor * 2,
      1,
    );
  });

  it('equal picks leave contrast and time alone', () => {
    const same = solveContrast(defaultPaper, { ...question, shadowSeconds: 10, shadowDensity: II });
    expect(same.range).toBeCloseTo(110, 6);
    expect(same.seconds).toBeCloseTo(10, 6);
  });

  it('says when no light on this paper is hard or soft enough', () => {
    const asked = (shadowSeconds: number) =>
      solveContrast(defaultPaper, { ...question, shadowSeconds, shadowDensity: II }).beyond;
    expect(asked(60)).toBe('too-hard');
    expect(asked(1)).toBe('too-soft');
  });

  it('refuses a shadow that is lighter than the highlight, or blacker than the paper', () => {
    const asked = (shadowDensity: number) => () =>
      solveContrast(defaultPaper, { ...question, shadowSeconds: 10, shadowDensity });
    expect(asked(0.05)).toThrow(/darker than the highlight/);
    expect(asked(2.2)).toThrow(/2\.09 above white/);
  });

  it('is harder the more the shadow wants', () => {
    const seconds = fc.double({ min: 6, max: 16, noNaN: true });
    fc.assert(
      fc.property(
        seconds,
        fc.double({ min: 1.02, max: 1.3, noNaN: true }),
        (shadowSeconds, more) => {
          const range = (time: number) =>
            solveContrast(defaultPaper, { ...question, shadowSeconds: time, shadowDensity: II })
              .range;
          expect(range(shadowSeconds * more)).toBeLessThan(range(shadowSeconds));
        },
      ),
    );
  });

  it('printed at the answer, both places have the tone asked for', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.7, max: 1.9, noNaN: true }),
        fc.constantFrom(II, III),
        (ratio, shadowDensity) => {
          const shadowSeconds = 10 * ratio;
          const answer = solveContrast(defaultPaper, { ...question, shadowSeconds, shadowDensity });
          const made = curveFor(defaultPaper, blueShareFor(defaultPaper, 110));
          const there = curveFor(defaultPaper, blueShareFor(defaultPaper, answer.range));
          // What each place of the negative lets through, from the time at which it was right on the strip.
          const between =
            logExposureAt(made, made.dMin + shadowDensity) -
            Math.log10(shadowSeconds) -
            (logExposureAt(made, made.dMin + VIII) - Math.log10(10));
          const shadow = densityAt(there, logExposureAt(there, there.dMin + VIII) + between);
          expect(shadow - there.dMin).toBeCloseTo(shadowDensity, 4);
        },
      ),
    );
  });

  it('starts from the bare formula', () => {
    expect(formulaRange(110, 10, 14.1)).toBeCloseTo(95.1, 1);
  });
});

describe('contrast sets', () => {
  it('have ranges that fall from setting to setting', () => {
    for (const set of contrastSets) {
      const ranges = set.settings.map((setting) => setting.range);
      expect(ranges).toEqual(ranges.toSorted((a, b) => b - a));
    }
  });

  it.each([
    ['00', 170, 0],
    ['0', 150, 0],
    ['1', 130, 0],
    ['2', 110, 0],
    ['3', 90, 0],
    ['3.5', 80, 0],
    ['4', 70, -1],
    ['5', 52, -1],
  ])('filter %s is R %i', (id, range, speedStops) => {
    expect(settingOf(contrastSet('filters'), id)).toMatchObject({ range, speedStops });
  });

  it('name their settings when one is asked for that they have not', () => {
    expect(() => settingOf(contrastSet('filters'), '9')).toThrow(/00, 0, 0\.5/);
    expect(nearestSetting(contrastSet('grades'), 20).id).toBe('4');
  });
});

describe('tones', () => {
  it.each([
    [0, 'paper white'],
    [0.04, 'first tone'],
    [0.1, 'bright, textured'],
    [0.4, 'light grey'],
    [0.68, 'grey'],
    [1.0, 'dark grey'],
    [1.4, 'near black'],
    [1.72, 'black, textured'],
    [2.05, 'full black'],
  ])('%f above white is %s', (density, word) => expect(toneWord(density)).toBe(word));

  it('get darker with time', () => {
    const densities = tonesAt(defaultPaper, 110, { seconds: 10, netDensity: VIII }, [5, 10, 20]);
    expect(densities[1]).toBeCloseTo(VIII, 9);
    expect(densities[0]).toBeLessThan(VIII);
    expect(densities[2]).toBeGreaterThan(0.4);
  });
});
