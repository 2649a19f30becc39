import { Refusal } from '../refusal.ts';
import { sound, soundTime } from '../quantity/sound.ts';

/** So much more than just black makes a line that stands, stops. */
const SURE_STOPS = 0.5;

/** A black line round a print, exposed without the negative under a mask. */
export interface KeyLine {
  readonly justBlackSeconds: number;
  /** Half a stop more, so that it surely is. */
  readonly seconds: number;
  /** What a base exposure plus stops by feel would be too much by, stops. */
  readonly tooMuchStops?: number;
}

/**
 * How long a key line is exposed: the minimum time for maximum black was found through clear film, and there is none now.
 * @param blackSeconds minimum time for maximum black through clear film, s
 * @param filmDensity of the clear film
 * @param byFeelSeconds what it would be given by feel, s, where somebody asks
 * @returns s just black and half a stop more, and how much too much the other is
 * @throws Refusal `key-line` unless the time is more than 0 and the density none below it
 * @source t = t_black·10^(−Df)·2^½
 * @example
 * keyLine(8.5, 0.28).seconds // ≈ 6.309
 */
export function keyLine(
  blackSeconds: number,
  filmDensity: number,
  byFeelSeconds?: number,
): KeyLine {
  if (!(blackSeconds > 0 && filmDensity >= 0 && filmDensity < 4)) {
    throw new Refusal(
      'key-line',
      '/blackSeconds',
      'Give the minimum time for maximum black and the density of the clear film, for example 8.5 and 0.28.',
    );
  }
  const justBlackSeconds = soundTime(blackSeconds * 10 ** -filmDensity);
  const seconds = soundTime(justBlackSeconds * 2 ** SURE_STOPS);
  return sound({
    justBlackSeconds,
    seconds,
    ...(byFeelSeconds !== undefined &&
      byFeelSeconds > 0 && { tooMuchStops: Math.log2(byFeelSeconds / seconds) }),
  });
}
