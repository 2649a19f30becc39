import { describe, expect, it } from 'vitest';
import {
  defaultPaper,
  densityAt,
  developmentSeries,
  filmCurve,
  filmDensities,
  filmDensity,
  gradientForContrast,
  isoRange,
  knownLag,
  correctedReading,
  curveForRange,
  logExposureAt,
  powerLaw,
  printedTablet,
  reciprocityFromTests,
  tabletSteps,
  thermometer,
  curveFor,
  fitPaper,
  spreadLayers,
} from '../src/index.ts';

/**
 * Invented truths, read with noise: 95 of 100 lie within the uncertainty that is stated. More cases than a hundred, so that
 * the count itself is not luck: its standard deviation is half of a per cent.
 */
const CASES = 2000;

/** The same noise each time. */
function noise(seed: number) {
  let state = seed;
  const uniform = () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
  return {
    between: (low: number, high: number) => low + (high - low) * uniform(),
    normal: (deviation: number) =>
      deviation * Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform()),
  };
}
type Noise = ReturnType<typeof noise>;

interface Recovered {
  readonly truth: number;
  readonly found: number;
  readonly within: number;
}

function covered(cases: readonly Recovered[]): number {
  const inside = cases.filter(({ truth, found, within }) => Math.abs(found - truth) <= within);
  return (100 * inside.length) / cases.length;
}

/** Cases of a few numbers, each with its own share of truths that were recovered. */
function shares(seed: number, one: (n: Noise) => Readonly<Record<string, Recovered>>) {
  const source = noise(seed);
  const cases = Array.from({ length: CASES }, () => one(source));
  return Object.fromEntries(
    Object.keys(cases[0]!).map((name) => [name, covered(cases.map((each) => each[name]!))]),
  );
}

function expectNinetyFive(found: Readonly<Record<string, number>>) {
  for (const [name, share] of Object.entries(found)) {
    expect(share, name).toBeGreaterThanOrEqual(92);
    expect(share, name).toBeLessThanOrEqual(98);
  }
}

const steps = tabletSteps();

describe('fits recover invented truths within their stated uncertainty', () => {
  it('film speed and gradients', () => {
    expectNinetyFive(
      shares(1, ({ between, normal }) => {
        const curve = filmCurve(between(0.6, 1.8));
        const speedLog = between(-2.7, -2.2);
        const D = (log: number) => filmDensity(curve, log - speedLog + curve.speedPoint!);
        const { baseFog } = curve;
        const read = filmDensities({
          steps,
          densities: steps.map((log) => D(log) + normal(0.01)),
          baseFog: baseFog + normal(0.01),
        });
        const gradient = (span: number) => (D(speedLog + span) - baseFog - 0.1) / span;
        return {
          speed: {
            truth: speedLog / Math.log10(2),
            found: read.speedLog / Math.log10(2),
            within: read.within.speedStops,
          },
          iso: {
            truth: gradient(1.3),
            found: read.isoGradient!,
            within: read.within.isoGradient!,
          },
          average: {
            truth: gradient(7 * Math.log10(2)),
            found: read.averageGradient!,
            within: read.within.averageGradient!,
          },
        };
      }),
    );
  });

  it('times for N−1 to N+1', () => {
    expectNinetyFive(
      shares(2, ({ between, normal }) => {
        const b = between(0.25, 0.45);
        const a = 0.57 - b * Math.log(between(360, 600));
        const within = 0.02;
        const tested = [300, 450, 640, 900].map((seconds) => ({
          seconds,
          gradient: a + b * Math.log(seconds) + normal(within / 1.96),
          within,
        }));
        const { times } = developmentSeries(tested, [-1, 0, 1]);
        return Object.fromEntries(
          times.map(({ n, seconds, withinShare }) => [
            `N${n}`,
            {
              truth: (gradientForContrast(n) - a) / b,
              found: Math.log(seconds),
              within: withinShare,
            },
          ]),
        );
      }),
    );
  });

  it('reciprocity', () => {
    expectNinetyFive(
      shares(3, ({ between, normal }) => {
        const power = between(1.1, 1.5);
        const law = powerLaw(power);
        const tests = [8, 60].map((meteredSeconds) => ({
          meteredSeconds,
          neededSeconds: law.needed(meteredSeconds) * 2 ** normal(1 / 6),
        }));
        const found = reciprocityFromTests(tests);
        return { power: { truth: power, found: found.power, within: found.within } };
      }),
    );
  });

  it('range and speed of a printed tablet', () => {
    expectNinetyFive(
      shares(4, ({ between, normal }) => {
        const range = between(60, 160);
        const curve = curveForRange(defaultPaper, range);
        const speedLog = between(-1.7, -1.4);
        const at = logExposureAt(curve, curve.dMin + 0.6);
        const read = printedTablet({
          steps,
          densities: steps.map((log) => densityAt(curve, log - speedLog + at) + normal(0.01)),
          dMin: curve.dMin,
          dMax: curve.dMax,
        });
        return {
          range: { truth: isoRange(curve), found: read.range, within: read.within.range },
          speed: {
            truth: speedLog / Math.log10(2),
            found: read.speedLog / Math.log10(2),
            within: read.within.speedStops,
          },
        };
      }),
    );
  });

  it('a paper’s layers, fitted to several settings at once', { timeout: 60_000 }, () => {
    const { between, normal } = noise(7);
    const cases = Array.from({ length: 500 }, () => {
      const paper = spreadLayers(
        { dMin: between(0.04, 0.09), dMax: between(1.95, 2.25) },
        between(4.6, 6.2),
        between(1.3, 1.9),
      );
      const mixes = [between(0.06, 0.12), between(0.2, 0.4), between(0.6, 0.95)].map((share) => ({
        curve: curveFor(paper, share),
        firstLog: between(2, 2.2),
      }));
      const { settings } = fitPaper(
        steps,
        mixes.map(({ curve, firstLog }) =>
          steps.map((log) => densityAt(curve, firstLog + log) + normal(0.01)),
        ),
      );
      return mixes.map(({ curve, firstLog }, index) => {
        const { range, speedLog, within } = settings[index]!;
        return {
          range: { truth: isoRange(curve), found: range, within: within.range },
          speed: {
            truth: (logExposureAt(curve, paper.dMin + 0.6) - firstLog) / Math.log10(2),
            found: speedLog / Math.log10(2),
            within: within.speedStops,
          },
        };
      });
    }).flat();
    expectNinetyFive({
      range: covered(cases.map(({ range }) => range)),
      speed: covered(cases.map(({ speed }) => speed)),
    });
  });

  it('thermometers', () => {
    expectNinetyFive(
      shares(5, ({ between, normal }) => {
        const [a, b] = [between(-1, 1), between(0.96, 1.04)];
        const rest = between(0.05, 0.2);
        const readings = [14, 18, 21, 24, 30, 38];
        const found = thermometer(
          readings.map((readingC) => ({ readingC, trueC: a + b * readingC + normal(rest) })),
        );
        const middle = readings.reduce((sum, reading) => sum + reading, 0) / readings.length;
        return {
          middle: {
            truth: a + b * middle,
            found: correctedReading(found, middle).temperatureC,
            within: found.withinC,
          },
        };
      }),
    );
  });

  it('lamp lag', () => {
    expectNinetyFive(
      shares(6, ({ between, normal }) => {
        const lag = between(0.05, 0.4);
        const single = 8 * 2 - 7 * lag;
        const found = knownLag(8, 2, single * 2 ** normal(1 / 12));
        return { lag: { truth: lag, found: found.lagSeconds, within: found.withinSeconds } };
      }),
    );
  });
});
