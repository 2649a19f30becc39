import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';
import { STANDARD_SPEEDS } from './standard-speed.ts';

/** A stop pushed multiplies the time by this, by rule of thumb. */
export const PUSH_PER_STOP = 1.4;
/** A stop pulled multiplies the time by this, by rule of thumb. */
export const PULL_PER_STOP = 0.8;

/** What a film was given against its box speed, and what development makes of it. */
export interface Push {
  /** Positive: pushed (underexposed); negative: pulled (overexposed). */
  readonly stops: number;
  /** Both speeds are standard ones, so the stops were snapped to thirds. */
  readonly snapped: boolean;
}

/**
 * Stops of push (positive) or pull (negative) that two speeds mean.
 * @param fromSpeed the speed the recipe or the box is for, ISO or EI
 * @param exposureIndex the speed used
 * @returns stops, snapped to thirds where both speeds are standard ones
 * @throws Refusal `speed` unless both are more than zero
 * @source stops = log2(EI / speed), third-stop series of ISO 6
 * @example
 * pushBetween(400, 320).stops // ≈ -0.33333
 */
export function pushBetween(fromSpeed: number, exposureIndex: number): Push {
  if (!(fromSpeed > 0)) throw new Refusal('speed', '/boxSpeed', 'A film speed is more than zero.');
  if (!(exposureIndex > 0)) {
    throw new Refusal('speed', '/exposureIndex', 'An exposure index is more than zero.');
  }
  const exact = Math.log2(exposureIndex / fromSpeed);
  const snapped = STANDARD_SPEEDS.includes(fromSpeed) && STANDARD_SPEEDS.includes(exposureIndex);
  return sound({ stops: snapped ? Math.round(exact * 3) / 3 + 0 : exact, snapped });
}

/** The rule of thumb holds from so many stops of pull to so many of push. */
export const MOST_PULL_BY_RULE = 2;
export const MOST_PUSH_BY_RULE = 3;
const ROUNDED = 1e-6;

/**
 * What a push or pull does to the development time when no recipe for that speed exists.
 * @param stops positive pushed, negative pulled
 * @returns a factor on the time
 * @throws Refusal `push` beyond three stops of push or two of pull
 * @source rule of thumb: ×1.4 a stop pushed, ×0.8 a stop pulled, and no further
 * @example
 * pushFactor(2) // ≈ 1.96
 */
export function pushFactor(stops: number): number {
  sound(stops);
  if (stops > MOST_PUSH_BY_RULE + ROUNDED || stops < -MOST_PULL_BY_RULE - ROUNDED) {
    const far = Number(Math.abs(stops).toFixed(1));
    throw new Refusal(
      'push',
      '/exposureIndex',
      `A ${stops > 0 ? 'push' : 'pull'} of ${far} stops has no rule of thumb: it holds from a pull of ${MOST_PULL_BY_RULE} to a push of ${MOST_PUSH_BY_RULE}. Use a recipe for that speed.`,
    );
  }
  return sound(stops >= 0 ? PUSH_PER_STOP ** stops : PULL_PER_STOP ** -stops);
}
