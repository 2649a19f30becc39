import { describe, expect, it } from 'vitest';
import { chanceOf } from '../../bench/tests/chance.ts';
import { scanCase } from '../../bench/tests/scan-trial.ts';
import { filmDensities, printedTablet } from '../src/index.ts';

describe('scans of other make than the code that reads them', { timeout: 120_000 }, () => {
  it('uneven light with stray light is read within what is said, and none is refused', () => {
    const chance = chanceOf(7);
    const all = Array.from({ length: 8 }, () => scanCase(chance));
    expect(all.flatMap(({ refused }) => refused ?? [])).toEqual([]);
    const trials = all.flatMap((each) => each.trials);
    expect(trials.length).toBeGreaterThan(150);
    expect(trials.filter(({ kept }) => kept).length / trials.length).toBeGreaterThan(0.94);
    expect(Math.max(...trials.map(({ off }) => off))).toBeLessThan(0.05);
  });

  it.each([
    ['another count', /^The tablet on the picture is (31|21) patches long, and (21|31) were said/],
    ['a patch of the reference missing', /^The reference on the picture is \d+ patches long/],
    ['the reference times 1.5', /exponent|does not read as/],
    ['cropped at its end', /^The tablet on the picture is \d+ patches long/],
  ] as const)('%s is refused with its reason, each time', (mistake, reason) => {
    const chance = chanceOf(3);
    for (let turn = 0; turn < 3; turn += 1) {
      expect(scanCase(chance, mistake).refused).toMatch(reason);
    }
  });
});

describe('readings of one scan are off together', () => {
  const steps = Array.from({ length: 21 }, (_, at) => -0.15 * at);
  const curve = steps.map((log) => 0.06 + 2 / (1 + Math.exp(-6 * (log + 1.4))));
  const line = steps.map((log) => 0.27 + 0.6 * Math.log1p(Math.exp((log + 2.6) / 0.16)) * 0.16);
  /** What a wrong scale or a bend of the scan makes of densities. */
  const scanned = (densities: readonly number[], scale: number, bend: number) => {
    const [least, most] = [Math.min(...densities), Math.max(...densities)];
    return densities.map((density) => {
      const share = (density - least) / (most - least);
      return density + scale * share + 4 * bend * share * (1 - share);
    });
  };

  it.each([
    ['its scale', 0.08, 0],
    ['its bend', 0, 0.05],
    ['the other bend', 0, -0.05],
  ])('%s: the ± holds with what the scan says of itself, and not without', (_, scale, bend) => {
    const togetherWithin = Math.abs(scale + bend);
    const paper = printedTablet({ steps, densities: curve });
    const off = { steps, densities: scanned(curve, scale, bend) };
    const [plain, told] = [printedTablet(off), printedTablet({ ...off, togetherWithin })];
    const stops = Math.abs(plain.speedLog - paper.speedLog) / Math.log10(2);
    expect(stops).toBeGreaterThan(plain.within.speedStops);
    expect(stops).toBeLessThan(told.within.speedStops);
    expect(Math.abs(plain.range - paper.range)).toBeLessThan(told.within.range);
    const film = { steps, baseFog: 0.27 };
    const truth = filmDensities({ ...film, densities: line });
    const read = filmDensities({ ...film, densities: scanned(line, scale, bend) });
    const wide = filmDensities({
      ...{ ...film, densities: scanned(line, scale, bend) },
      togetherWithin,
    });
    const gradient = Math.abs(read.averageGradient! - truth.averageGradient!);
    expect(gradient).toBeLessThan(wide.within.averageGradient!);
    expect(wide.within.speedStops).toBeGreaterThan(read.within.speedStops);
  });
});
