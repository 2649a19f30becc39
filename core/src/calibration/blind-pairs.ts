import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';

/** Less probable than this by luck alone counts as seen. */
export const LUCK = 0.05;
const MOST_PAIRS = 100;

/** What blind looks at pairs came to. */
export interface BlindPairs {
  /** The chance of so many right, or more, by luck. */
  readonly luck: number;
  /** It is a finding: luck alone would do that less than once in twenty. */
  readonly found: boolean;
  /** So many right would have been one; missing where even all of them are too few. */
  readonly neededRight?: number;
}

const chance = (right: number, pairs: number): number => {
  let sum = 0;
  let each = 0.5 ** pairs;
  // From all right downwards: C(n, k − 1) = C(n, k)·k/(n − k + 1).
  for (let count = pairs; count >= right; count -= 1) {
    sum += each;
    each *= count / (pairs - count + 1);
  }
  return Math.min(1, sum);
};

/**
 * The chance that blind looks at pairs were luck.
 * @param right how many were told right
 * @param pairs how many were looked at, 1 to 100
 * @returns the chance of as many or more, and whether that is a finding
 * @throws Refusal `pairs` for counts that are none, or more right than looked at
 * @source one-sided binomial: Σ C(n, i)/2ⁿ for i ≥ k
 * @example
 * blindPairs(7, 8).luck // ≈ 0.03516
 */
export function blindPairs(right: number, pairs: number): BlindPairs {
  const whole = Number.isInteger(right) && Number.isInteger(pairs);
  if (!(whole && pairs >= 1 && pairs <= MOST_PAIRS && right >= 0 && right <= pairs)) {
    throw new Refusal(
      'pairs',
      '/right',
      `Give how many pairs were looked at, up to ${MOST_PAIRS}, and how many of them were told right.`,
    );
  }
  const counts = Array.from({ length: pairs + 1 }, (_, count) => count);
  const neededRight = counts.find((count) => chance(count, pairs) < LUCK);
  const luck = chance(right, pairs);
  return sound({ luck, found: luck < LUCK, ...(neededRight !== undefined && { neededRight }) });
}
