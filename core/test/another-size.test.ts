import { describe, expect, it } from 'vitest';
import {
  addStops,
  burnOrDodge,
  checkStrip,
  contrastSet,
  curveForRange,
  defaultPaper,
  densityAt,
  exposureToGive,
  exposureWorth,
  logExposureAt,
  longTimeIn,
  markedAperture,
  maximumBlackOf,
  negativeLights,
  ratioInStops,
  readSpots,
  timeAtAperture,
  timeAtMagnification,
  timeByLengths,
  timeByProbe,
  timeWithPupils,
  toneById,
  usualLoss,
} from '../src/index.ts';

describe('another size', () => {
  const [small, large] = [162 / 36, 277 / 36];

  it('by the lens law, with the lens’s pupils, by the lengths alone and by a probe', () => {
    expect(timeAtMagnification(11.2, small, large)).toBeCloseTo(27.99, 2);
    expect(timeByLengths(11.2, 162, 277)).toBeCloseTo(32.75, 2);
    expect(timeWithPupils(11.2, small, large, 0.87)).toBeCloseTo(28.49, 2);
    const probe = timeByProbe(11.2, 5.42, 2.21);
    expect(probe).toBeCloseTo(27.47, 2);
    const lens = timeAtMagnification(11.2, small, large);
    expect(ratioInStops(timeByLengths(11.2, 162, 277) / lens)).toBeCloseTo(0.2265, 4);
    expect(ratioInStops(lens / probe)).toBeCloseTo(0.02708, 4);
    const { firstSeconds, stepStops, patches } = checkStrip(probe);
    const strip = Array.from({ length: patches }, (_, n) => addStops(firstSeconds, n * stepStops));
    expect(strip.map((seconds) => seconds.toFixed(2))).toEqual(['23.10', '27.47', '32.66']);
    expect(burnOrDodge(probe, 0.75)).toBeCloseTo(18.73, 2);
  });

  it('at another aperture by what the marks stand for, not by the figures on the ring', () => {
    expect(timeAtAperture(10, 8, 11)).toBeCloseTo(20, 6);
    const byFigures = 10 * (11 / 8) ** 2;
    expect(byFigures).toBeCloseTo(18.91, 2);
    expect(ratioInStops(timeAtAperture(10, 8, 11) / byFigures)).toBeCloseTo(0.08114, 4);
    expect(timeAtAperture(10, 5.6, 16)).toBeCloseTo(80, 6);
    expect(10 * (16 / 5.6) ** 2).toBeCloseTo(81.63, 2);
    expect(markedAperture(6.7)).toBeCloseTo(6.727, 3);
    expect(markedAperture(13)).toBeCloseTo(12.7, 2);
  });

  it('a symmetrical lens has the plain law', () => {
    expect(timeWithPupils(10, 2, 5, 1)).toBeCloseTo(timeAtMagnification(10, 2, 5), 9);
  });

  it.each([
    () => timeWithPupils(10, 2, 5, 0),
    () => timeWithPupils(10, 0, 5, 1),
    () => timeByProbe(10, 0, 1),
    () => timeByProbe(10, 1, -1),
  ])('refuses what is nothing (%#)', (wrong) => expect(wrong).toThrow(/more than zero/));
});

describe('a long exposure', () => {
  it('is worth less to the paper, and has to be longer', () => {
    expect(exposureToGive(130, usualLoss)).toBeCloseTo(157.2, 1);
    expect(exposureWorth(180, usualLoss)).toBeCloseTo(145.8, 1);
    expect(ratioInStops(exposureToGive(130, usualLoss) / 130)).toBeCloseTo(0.2743, 4);
    // Twice as long is worth 2^p: p is 0.8480.
    expect(ratioInStops(exposureWorth(180, usualLoss) / exposureWorth(90, usualLoss))).toBeCloseTo(
      0.848,
      4,
    );
    // Two stops wider instead, nothing is lost.
    expect(exposureToGive(addStops(130, -2), usualLoss)).toBeCloseTo(32.5, 6);
  });

  it('up to where the loss begins is what it is, and there is no step there', () => {
    expect(exposureToGive(45, usualLoss)).toBe(45);
    expect(exposureWorth(20, usualLoss)).toBe(20);
    expect(exposureToGive(45.001, usualLoss)).toBeCloseTo(45.001, 2);
  });

  it('what is given and what it is worth are each other’s way back', () => {
    for (const seconds of [50, 90, 400]) {
      expect(exposureWorth(exposureToGive(seconds, usualLoss), usualLoss)).toBeCloseTo(seconds, 6);
    }
  });

  it('refuses no time, and a loss that no paper has', () => {
    expect(() => exposureToGive(0, usualLoss)).toThrow(/more than zero/);
    expect(() => exposureWorth(60, { fromSeconds: 45, lossPerDoubling: 0.9 })).toThrow(/tenths/);
  });
});

describe('the minimum time for maximum black, by densities', () => {
  const densities = [1.46, 1.664, 1.844, 1.969, 2.037, 2.068, 2.081, 2.087, 2.089, 2.089];

  it('is the first patch that the next one is hardly darker than', () => {
    const found = maximumBlackOf(densities)!;
    expect(found.patch + 1).toBe(6);
    expect(100 * found.share).toBeCloseTo(98.99, 1);
  });

  it('on the paper: a strip of quarter stops that begins with 4 s, of which 5 s give II', () => {
    const curve = curveForRange(defaultPaper, 110);
    const two = logExposureAt(curve, defaultPaper.dMin + toneById('II').netDensity);
    const seconds = Array.from({ length: 10 }, (_, n) => addStops(4, n / 4));
    const above = seconds.map(
      (each) => densityAt(curve, two + Math.log10(each / 5)) - defaultPaper.dMin,
    );
    expect(above.map((density) => density.toFixed(3))).toEqual(
      densities.map((density) => density.toFixed(3)),
    );
    const { patch, share } = maximumBlackOf(above)!;
    expect(seconds[patch]).toBeCloseTo(9.514, 3);
    expect(100 * share).toBeGreaterThan(98.9);
    expect((100 * above[patch]!) / (defaultPaper.dMax - defaultPaper.dMin)).toBeCloseTo(98.96, 2);
  });

  it('was not reached where every patch is darker than the last', () => {
    expect(maximumBlackOf(densities.slice(0, 5))).toBeUndefined();
  });

  it('refuses one patch alone, and what is no density', () => {
    expect(() => maximumBlackOf([1.2])).toThrow(/two patches or more/);
    expect(() => maximumBlackOf([1.2, -1])).toThrow(/densities/);
  });
});

describe('a negative’s densities on the paper', () => {
  it.each([
    ['diffuse', 108.3],
    ['directed', 129.8],
  ] as const)('lit %s, 0.92 between highlight and shadow is R %d', (id, range) => {
    const { factor } = negativeLights.find((light) => light.id === id)!;
    const { range: found } = readSpots(defaultPaper, contrastSet('filters'), {
      highlight: { logLight: -0.92 * factor, netDensity: 0.1 },
      shadow: { logLight: 0, netDensity: 1.72 },
      others: [],
    });
    expect(found).toBeCloseTo(range, 1);
  });
});

describe('long times of paper', () => {
  it('have their loss in them already', () => {
    expect(longTimeIn(180, 1, usualLoss)).toBeCloseTo(180, 9);
    expect(longTimeIn(180, 1 / 2, usualLoss)).toBeCloseTo(79.5, 1);
    expect(longTimeIn(120, 2, usualLoss)).toBeCloseTo(271.8, 1);
    expect(longTimeIn(10, 2, usualLoss)).toBe(20);
  });
});
