import { Refusal } from '../refusal.ts';

/** How often the clearing time the fixing time is: twice, or three times for tabular-grain film. */
export const clearingFactors = [2, 3] as const;
export type ClearingFactor = (typeof clearingFactors)[number];

/** A fixer that clears in this many times its fresh time is spent. */
const SPENT = 2;

/** What a clip test says. */
export interface ClipTest {
  readonly fixSeconds: number;
  /** The fixer takes twice as long as when it was fresh, or longer: discard it. */
  readonly spent: boolean;
}

/**
 * The fixing time from the clearing of a scrap of the same film.
 * @param clearingSeconds until the scrap was clear, s
 * @param factor 2, or 3 for tabular-grain film
 * @param freshSeconds the clearing time in this fixer when it was fresh, s, where it is known
 * @returns the fixing time in s, and whether the fixer is spent
 * @throws Refusal `clearing` unless the clearing time is more than zero
 * @source clip test: clearing time × 2 (× 3); clearing in twice the fresh time: discard
 * @example
 * clipTest(75, 2, 40) // = {"fixSeconds":150,"spent":false}
 */
export function clipTest(
  clearingSeconds: number,
  factor: ClearingFactor,
  freshSeconds?: number,
): ClipTest {
  if (!(clearingSeconds > 0)) {
    throw new Refusal('clearing', '/clearingSeconds', 'Time the clearing first.');
  }
  return {
    fixSeconds: clearingSeconds * factor,
    spent: freshSeconds !== undefined && clearingSeconds >= SPENT * freshSeconds - 1e-9,
  };
}
