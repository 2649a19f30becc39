import { sound } from '../quantity/sound.ts';
import type { Dilution } from '../quantity/dilution.ts';
import { Refusal } from '../refusal.ts';

/** What is in the tank, and what it has to develop. */
export interface DeveloperLoad {
  readonly volumeMl: number;
  readonly dilution: Dilution;
  /** Least of the first part (concentrate or stock) for one roll equivalent, ml. */
  readonly minimumMl: number;
  readonly rollEquivalents: number;
}

/** Whether there is enough developer, and what to do when not. */
export interface DeveloperCheck {
  /** The first part that is in the tank, ml. */
  readonly hasMl: number;
  /** What the films want of it, ml. */
  readonly needsMl: number;
  readonly enough: boolean;
  /** The volume at this dilution that is enough for these films, ml. */
  readonly safeVolumeMl: number;
  /** The roll equivalents that this volume is enough for. */
  readonly safeRolls: number;
}

/**
 * Whether a tank holds enough developer for its films.
 * @param load volume in ml, dilution, minimum of concentrate in ml a roll equivalent, and the roll equivalents in it
 * @returns what there is, what is needed, and the volume or number of rolls that is safe
 * @throws Refusal `volume` unless the volume is more than zero
 * @source minimum of concentrate a roll equivalent (516 cm²), parts by volume
 * @example
 * enoughDeveloper({ volumeMl: 600, dilution: [1, 100], minimumMl: 5, rollEquivalents: 2 }).safeVolumeMl // = 1010
 */
export function enoughDeveloper(load: DeveloperLoad): DeveloperCheck {
  if (!(load.volumeMl > 0)) {
    throw new Refusal('volume', '/volumeMl', 'Give the volume that the tank wants.');
  }
  const parts = load.dilution.reduce((sum, part) => sum + part, 0);
  const share = (load.dilution[0] ?? 1) / parts;
  const hasMl = load.volumeMl * share;
  const needsMl = load.minimumMl * load.rollEquivalents;
  return sound({
    hasMl,
    needsMl,
    enough: hasMl >= needsMl - 1e-9,
    safeVolumeMl: needsMl / share,
    safeRolls: load.minimumMl > 0 ? hasMl / load.minimumMl : Infinity,
  });
}
