import { describe, expect, it } from 'vitest';
import {
  developmentSeries,
  gradientForContrast,
  knownLag,
  correctedReading,
  powerLaw,
  reciprocityFromTests,
  thermometer,
} from '../src/index.ts';
import { chanceOf, type Chance } from '../../bench/tests/chance.ts';

/**
 * Invented truths, read with noise: 95 of 100 lie within the uncertainty that is stated. More cases than a hundred, so that
 * the count itself is not luck: its standard deviation is half of a per cent.
 */
const CASES = 2000;

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
function shares(seed: number, one: (n: Chance) => Readonly<Record<string, Recovered>>) {
  const source = chanceOf(seed);
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

describe('fits recover invented truths within their stated uncertainty', () => {
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
