import { soundTime } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';

/** A clock further out than this was misread, not wrong. */
const LEAST = 0.5;
const MOST = 2;

/**
 * How wrong a clock is: the real seconds that go by in one of its own.
 * @param indicatedSeconds what the clock showed, s
 * @param realSeconds what really went by, s
 * @returns the factor, 1 for a right clock
 * @throws Refusal `clock` when the clock would be more than twice too fast or too slow
 * @source real / indicated; a 60 Hz synchronous clock on 50 Hz mains has 6/5
 * @example
 * clockFactor(60, 72) // = 1.2
 */
export function clockFactor(indicatedSeconds: number, realSeconds: number): number {
  const factor = realSeconds / indicatedSeconds;
  if (!(factor >= LEAST && factor <= MOST)) {
    throw new Refusal(
      'clock',
      '/realSeconds',
      'No clock is that wrong. Check it again over one full minute of its hand.',
    );
  }
  return factor;
}

/**
 * The real length of a time that was taken on a wrong clock.
 * @param indicatedSeconds as it was read, s
 * @param factor of the clock
 * @returns s
 * @source definition of the clock factor
 * @example
 * takenOnClock(480, 1.2) // = 576
 */
export function takenOnClock(indicatedSeconds: number, factor: number): number {
  return soundTime(indicatedSeconds * factor);
}

/**
 * What a wrong clock shows when a real time is over.
 * @param realSeconds s
 * @param factor of the clock
 * @returns s, to read off that clock
 * @source definition of the clock factor
 * @example
 * readOffClock(576, 1.2) // = 480
 */
export function readOffClock(realSeconds: number, factor: number): number {
  return soundTime(realSeconds / factor);
}
