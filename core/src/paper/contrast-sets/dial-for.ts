import type { ContrastSet } from './set.ts';

/** A place of a dial between two calibration points. */
export interface DialPlace {
  readonly value: number;
  readonly name: string;
  /** Speed there, stops. */
  readonly speedStops: number;
}

/**
 * What to set a dial to for a contrast, between the calibration points; at the ends of its travel no further.
 * @param set of contrasts
 * @param range R wanted
 * @returns the place; nothing for a set of filters or grades, which has no places between
 * @source linear in R between two neighbouring points
 * @example
 * dialFor(contrastSet("dials"), 105).name // = "15 magenta"
 */
export function dialFor(set: ContrastSet, range: number): DialPlace | undefined {
  const { dialName } = set;
  const points = set.settings.flatMap((setting) =>
    setting.dial === undefined ? [] : [{ ...setting, dial: setting.dial }],
  );
  const [softest] = points;
  const hardest = points.at(-1);
  if (!dialName || !softest || !hardest) return undefined;
  const wanted = Math.min(softest.range, Math.max(hardest.range, range));
  const above = points.findLast((point) => point.range >= wanted) ?? softest;
  const below = points.find((point) => point.range <= wanted) ?? hardest;
  const span = above.range - below.range;
  const share = span > 0 ? (above.range - wanted) / span : 0;
  const value = above.dial + (below.dial - above.dial) * share;
  return {
    value,
    name: dialName(value),
    speedStops: above.speedStops + (below.speedStops - above.speedStops) * share,
  };
}
