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

/** The value below which a share of them lies, between two of them in proportion. */
function quantile(sorted: readonly number[], share: number): number {
  const at = share * (sorted.length - 1);
  const low = Math.floor(at);
  const [below, above] = [sorted[low]!, sorted[Math.min(low + 1, sorted.length - 1)]!];
  return below + (at - low) * (above - below);
}

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
  const sorted = took.filter((seconds) => seconds > 0).toSorted((a, b) => a - b);
  if (sorted.length < LEAST) return undefined;
  return {
    seconds: quantile(sorted, 1 / 2),
    spreadSeconds: (quantile(sorted, 3 / 4) - quantile(sorted, 1 / 4)) / 2,
    of: sorted.length,
  };
}
