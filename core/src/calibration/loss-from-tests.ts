import { usualLoss, type LongExposureLoss } from '../exposure/long-exposure.ts';
import { EYE_STOPS } from '../exposure/ways-of-looking.ts';
import { NINETY_FIVE } from '../numeric/gaussian.ts';
import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';
import type { NeededTime } from './reciprocity.ts';

/** No paper loses more at a doubling. */
const MOST_LOSS = 0.4;

/** What a paper was found to lose. */
export interface FoundLoss extends LongExposureLoss {
  /** 95 times in 100 the loss at a doubling is within this. */
  readonly within: number;
}

/**
 * What a paper loses in long exposures, from greys that were matched.
 * @param tests the time by the stops alone, and the one that was as dark, s
 * @param fromSeconds up to here nothing is lost, s
 * @returns the loss at each doubling with its uncertainty; none below zero
 * @throws Refusal `long-exposure` for no test beyond that time, or a loss that no paper has
 * @source Schwarzschild t0·(t/t0)^(1/p), p = 1 + log2(1 − loss); least squares of its logarithm, a match is good to 1/12 stop
 * @example
 * lossFromTests([{ meteredSeconds: 130, neededSeconds: 157.2 }]).lossPerDoubling // ≈ 0.1
 */
export function lossFromTests(
  tests: readonly NeededTime[],
  fromSeconds: number = usualLoss.fromSeconds,
): FoundLoss {
  sound(tests);
  const long = tests.filter(({ meteredSeconds }) => meteredSeconds > fromSeconds);
  if (!(fromSeconds > 0) || long.length === 0) {
    throw new Refusal(
      'long-exposure',
      '/tests',
      `Give one test at least whose time worked out is more than ${fromSeconds} s: up to there a paper loses nothing.`,
    );
  }
  const doublings = long.map(({ meteredSeconds, neededSeconds }) => ({
    x: Math.log2(meteredSeconds / fromSeconds),
    y: Math.log2(neededSeconds / fromSeconds),
  }));
  const squares = doublings.reduce((sum, { x }) => sum + x * x, 0);
  const slope = doublings.reduce((sum, { x, y }) => sum + x * y, 0) / squares;
  const lossAt = (one: number) => 1 - 2 ** (1 / Math.max(one, 1) - 1);
  const lossPerDoubling = lossAt(slope);
  if (!(lossPerDoubling <= MOST_LOSS)) {
    throw new Refusal(
      'long-exposure',
      '/tests',
      'No paper loses so much: was the lens stopped down by what was worked out?',
    );
  }
  const deviation = EYE_STOPS / Math.sqrt(squares);
  return sound({
    fromSeconds,
    lossPerDoubling,
    within: (NINETY_FIVE * Math.abs(lossAt(slope + deviation) - lossAt(slope - deviation))) / 2,
  });
}
