import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';

/** How often the clearing time the fixing time is: twice, or three times for tabular-grain film. */
export const clearingFactors = [2, 3] as const;
export type ClearingFactor = (typeof clearingFactors)[number];

/** A fixer that clears in this many times its fresh time is spent. */
const SPENT = 2;
/** Film is fixed for at least this, s. */
export const LEAST_FIX_SECONDS = 120;
/** Nothing clears faster than this: it was no clip test, s. */
export const LEAST_CLEARING_SECONDS = 10;
/** A rapid fixer that takes longer than this is spent whatever it took when it was fresh, s. */
export const SPENT_RAPID_SECONDS = 180;

/** What a clip test says. */
export interface ClipTest {
  readonly fixSeconds: number;
  /** The factor alone would have given less than the least for film. */
  readonly lifted: boolean;
  /** How far the fixer has gone from fresh (0) to spent (1); not known without a fresh time. */
  readonly towardsSpent?: number;
  /** Discard it; not known without a fresh time, unless it is too slow for any rapid fixer. */
  readonly spent?: boolean;
}

/** What is known of the fixer. */
export interface ClipFacts {
  /** The clearing time in it when it was fresh, s. */
  readonly freshSeconds?: number | undefined;
  /** A rapid fixer, unless said. */
  readonly rapid?: boolean | undefined;
}

/**
 * The fixing time from the clearing of a scrap of the same film.
 * @param clearingSeconds until the scrap was clear, s
 * @param factor 2, or 3 for tabular-grain film
 * @param facts the clearing time when the fixer was fresh, s, and whether it is a rapid one
 * @returns the fixing time in s, how far the fixer has gone, and whether it is spent
 * @throws Refusal `clearing` under 10 s: no film clears so fast
 * @source clip test: clearing time × 2 (× 3), at least 2 min; twice the fresh time, or over 3 min in rapid fixer: discard
 * @example
 * clipTest(34, 3, { freshSeconds: 28 }).fixSeconds // = 120
 */
export function clipTest(
  clearingSeconds: number,
  factor: ClearingFactor,
  { freshSeconds, rapid = true }: ClipFacts = {},
): ClipTest {
  if (!(clearingSeconds >= LEAST_CLEARING_SECONDS) || clearingSeconds === Infinity) {
    throw new Refusal(
      'clearing',
      '/clearingSeconds',
      'No film clears in under 10 seconds: that was no clip test. Time it until the scrap is clear.',
    );
  }
  sound({ factor, freshSeconds });
  const byFactor = clearingSeconds * factor;
  const slow = rapid && clearingSeconds > SPENT_RAPID_SECONDS;
  const known = freshSeconds !== undefined && freshSeconds > 0;
  return sound({
    fixSeconds: Math.max(byFactor, LEAST_FIX_SECONDS),
    lifted: byFactor < LEAST_FIX_SECONDS,
    ...(known && { towardsSpent: clearingSeconds / freshSeconds - 1 }),
    ...(known || slow
      ? { spent: slow || (known && clearingSeconds >= SPENT * freshSeconds - 1e-9) }
      : {}),
  });
}
