import { quantile } from '../numeric/quantile.ts';
import { sound } from '../quantity/sound.ts';

/** How long something takes here. */
export interface LearnedDuration {
  /** The median of what really happened, s. */
  readonly seconds: number;
  /** Half of the width that the middle half of them takes, s. */
  readonly spreadSeconds: number;
  /** So many times it happened. */
  readonly of: number;
}

/** Once or twice is no habit. */
const LEAST = 3;

/**
 * How long a step takes in this darkroom, from how long it took.
 * @param took each time, s; what is 0 or less says nothing
 * @returns median and spread, s; undefined until it happened three times
 * @source sample median, and half of the interquartile range
 * @example
 * learnedDuration([300, 340, 320, 900]) // = { "seconds": 330, "spreadSeconds": 82.5, "of": 4 }
 */
export function learnedDuration(took: readonly number[]): LearnedDuration | undefined {
  sound(took);
  const real = took.filter((seconds) => seconds > 0);
  if (real.length < LEAST) return undefined;
  return {
    seconds: quantile(real, 1 / 2),
    spreadSeconds: (quantile(real, 3 / 4) - quantile(real, 1 / 4)) / 2,
    of: real.length,
  };
}
