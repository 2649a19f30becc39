import { describe, expect, it } from 'vitest';
import {
  contrastSet,
  defaultPaper,
  exposureToGive,
  exposureWorth,
  maximumBlackOf,
  negativeLights,
  readSpots,
  timeAtMagnification,
  timeByLengths,
  timeByProbe,
  timeWithPupils,
  usualLoss,
} from '../src/index.ts';

describe('another size', () => {
  const [small, large] = [162 / 36, 277 / 36];

  it('by the lens law, with the lens’s pupils, by the lengths alone and by a probe', () => {
    expect(timeAtMagnification(11.2, small, large)).toBeCloseTo(27.99, 2);
    expect(timeByLengths(11.2, 162, 277)).toBeCloseTo(32.75, 2);
    expect(timeWithPupils(11.2, small, large, 0.87)).toBeCloseTo(28.49, 2);
    expect(timeByProbe(11.2, 5.42, 2.21)).toBeCloseTo(27.47, 2);
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
