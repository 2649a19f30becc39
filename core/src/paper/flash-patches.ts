import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';

/** Separate patches around a threshold are a second apart, closer where the coarse strip has closed in already, s. */
const APART = 1;
const LEAST_PATCHES = 4;
const MOST_PATCHES = 12;

/**
 * The separate patches that find a flash's threshold: firings do not add up there, so each patch gets one of its own.
 * @param clearSeconds the longest patch of the coarse strip without a tone, s
 * @param tonedSeconds the next one, with a tone, s
 * @param timerStepSeconds smallest step of the timer, s
 * @returns seconds of each patch, from the clear one to the toned one
 * @throws Refusal `threshold` unless the toned patch got more than the clear one
 * @source separate patches around the limit, one second apart
 * @example
 * flashPatches(4, 8, 0.1) // = [4, 5, 6, 7, 8]
 */
export function flashPatches(
  clearSeconds: number,
  tonedSeconds: number,
  timerStepSeconds: number,
): number[] {
  sound({ clearSeconds, tonedSeconds, timerStepSeconds });
  if (!(clearSeconds > 0 && tonedSeconds > clearSeconds)) {
    throw new Refusal(
      'threshold',
      '/toned',
      'The patch with a tone got more light than the clear one.',
    );
  }
  const span = tonedSeconds - clearSeconds;
  const steps = Math.min(MOST_PATCHES - 1, Math.max(LEAST_PATCHES - 1, Math.round(span / APART)));
  const rounded = (value: number) =>
    Number((Math.round(value / timerStepSeconds) * timerStepSeconds).toFixed(6));
  const seconds = Array.from({ length: steps + 1 }, (_, n) =>
    rounded(clearSeconds + (span * n) / steps),
  );
  return sound([...new Set(seconds)]);
}
