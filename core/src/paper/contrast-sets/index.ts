import { Refusal } from '../../refusal.ts';
import { dials } from './dials.ts';
import { filters } from './filters.ts';
import { grades } from './grades.ts';
import { lamps } from './lamps.ts';
import { lookedAtWith, type ContrastSet, type ContrastSetting } from './set.ts';

/** Every set of contrast settings. */
export const contrastSets = [filters, grades, dials, lamps] as const;

export type ContrastSetId = (typeof contrastSets)[number]['id'];

/**
 * A contrast set by its id.
 * @param id one of the ids in `contrastSets`
 * @returns the set
 * @source this folder's index
 * @example
 * contrastSet("filters").settings.length // = 12
 */
export function contrastSet(id: ContrastSetId): ContrastSet {
  return contrastSets.find((set) => set.id === id)!;
}

/**
 * A setting of a set.
 * @param set the set
 * @param settingId such as "2.5"
 * @returns its R and speed
 * @throws Refusal `setting` when the set has none of that name
 * @source this folder's index
 * @example
 * settingOf(contrastSet("filters"), "2").range // = 110
 */
export function settingOf(set: ContrastSet, settingId: string): ContrastSetting {
  const setting = lookedAtWith(set).find(({ id }) => id === settingId);
  if (!setting) {
    const names = set.settings.map(({ id }) => id).join(', ');
    throw new Refusal('setting', '/setting', `The ${set.noun} is one of ${names}.`);
  }
  return setting;
}

/**
 * The setting whose range is nearest to one wanted.
 * @param set the set
 * @param range R
 * @returns the nearest setting
 * @source least difference in R
 * @example
 * nearestSetting(contrastSet("filters"), 94.4).id // = "3"
 */
export function nearestSetting(set: ContrastSet, range: number): ContrastSetting {
  return set.settings.reduce((best, setting) =>
    Math.abs(setting.range - range) < Math.abs(best.range - range) ? setting : best,
  );
}
