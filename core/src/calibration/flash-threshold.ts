import { soundTime } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';

/** A paper's threshold for a plain light, and the flash that keeps under it. */
export interface FlashThreshold {
  readonly thresholdSeconds: number;
  readonly flashSeconds: number;
  /** It may be longer than the last clear patch by up to this, s. */
  readonly withinSeconds: number;
}

/**
 * The flash threshold from separate patches.
 * @param clearSeconds the longest patch that stayed white, s
 * @param tonedSeconds the next one, which shows a tone, s
 * @param share of the threshold that is flashed
 * @returns the threshold, the flash, and how far the threshold may be off
 * @throws Refusal `threshold` unless the toned patch got more light than the clear one, or for a share above 1
 * @source the last patch without a tone; a share of it for the flash
 * @example
 * flashThreshold(5, 6, 0.8).flashSeconds // = 4
 */
export function flashThreshold(
  clearSeconds: number,
  tonedSeconds: number,
  share: number,
): FlashThreshold {
  if (!(clearSeconds > 0 && tonedSeconds > clearSeconds && share > 0 && share <= 1)) {
    throw new Refusal(
      'threshold',
      '/tonedSeconds',
      'The patch with a tone got more light than the clear one.',
    );
  }
  return {
    thresholdSeconds: soundTime(clearSeconds),
    flashSeconds: soundTime(clearSeconds * share),
    withinSeconds: soundTime(tonedSeconds - clearSeconds),
  };
}
