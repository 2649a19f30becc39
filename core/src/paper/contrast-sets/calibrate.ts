import { sound } from '../../quantity/sound.ts';
import type { ContrastSet } from './set.ts';

/** What a setting was found to be on a paper. */
export interface MeasuredSetting {
  readonly id: string;
  /** R. */
  readonly range: number;
  readonly speedStops: number;
  /** How far a test leaves each open, R and stops; where they were typed nobody knows. */
  readonly rangeWithin?: number;
  readonly speedWithin?: number;
}

/** The least sure of what was measured, where a test told all of it. */
function withinOf(measured: readonly MeasuredSetting[]): ContrastSet['within'] {
  const told = measured.flatMap(({ range, rangeWithin, speedWithin }) =>
    rangeWithin === undefined || speedWithin === undefined
      ? []
      : [{ rangeShare: rangeWithin / range, speedStops: speedWithin }],
  );
  if (told.length < measured.length) return undefined;
  return {
    rangeShare: Math.max(...told.map(({ rangeShare }) => rangeShare)),
    speedStops: Math.max(...told.map(({ speedStops }) => speedStops)),
  };
}

/**
 * A contrast set as it is on one paper: measured settings as measured, those between two of them by as much off as their
 * neighbours are, evenly; beyond the last one, as much off as that.
 * @param set the usual set
 * @param measured some of its settings: R, and speed in stops; a test tells how far each may be out
 * @returns the set; `calibrated` when two or more settings were measured, `within` when a test told of all of them
 * @source linear between the calibration points
 * @example
 * calibrateSet(contrastSet("filters"), [{ id: "2", range: 104, speedStops: 0 }, { id: "3", range: 88, speedStops: 0 }]).settings[6].range // = 96
 */
export function calibrateSet(set: ContrastSet, measured: readonly MeasuredSetting[]): ContrastSet {
  const within = withinOf(measured);
  const points = set.settings.flatMap(({ id, range, speedStops }, index) => {
    const found = measured.find((one) => one.id === id);
    return found
      ? [{ index, range: found.range - range, speedStops: found.speedStops - speedStops }]
      : [];
  });
  if (points.length === 0) return set;
  const off = (index: number, of: (point: (typeof points)[number]) => number) => {
    const before = points.findLast((point) => point.index <= index) ?? points[0]!;
    const after = points.find((point) => point.index >= index) ?? points.at(-1)!;
    const span = after.index - before.index;
    const share = span > 0 ? (index - before.index) / span : 0;
    return of(before) + (of(after) - of(before)) * share;
  };
  return sound({
    ...set,
    calibrated: points.length > 1,
    ...(within && { within }),
    settings: set.settings.map((setting, index) => ({
      ...setting,
      range: setting.range + off(index, (point) => point.range),
      speedStops: setting.speedStops + off(index, (point) => point.speedStops),
    })),
  });
}
