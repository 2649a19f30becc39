import { sound } from '../quantity/sound.ts';
import type { Dilution } from '../quantity/dilution.ts';
import { Refusal } from '../refusal.ts';

/** Under this a measure cannot be trusted in an ordinary graduate, ml. */
export const SMALL_MEASURE_ML = 5;

/** The volumes to measure, in the order of the dilution's parts (the last is water), ml. */
export interface Mix {
  readonly partsMl: readonly number[];
  /** A measure is so small that it wants a syringe, a larger batch or a two-stage dilution. */
  readonly smallMeasure: boolean;
}

/**
 * Volumes to measure for a working solution.
 * @param volumeMl total wanted, ml
 * @param dilution parts, the last of them water
 * @returns ml of each part
 * @throws Refusal `volume` unless the volume is more than zero
 * @source parts by volume
 * @example
 * mixFor(600, [1, 31]).partsMl // = [18.75, 581.25]
 */
export function mixFor(volumeMl: number, dilution: Dilution): Mix {
  if (!(volumeMl > 0))
    throw new Refusal('volume', '/volumeMl', 'Give the volume that the tank wants.');
  const total = dilution.reduce((sum, part) => sum + part, 0);
  const partsMl = dilution.map((part) => (volumeMl * part) / total);
  return sound({ partsMl, smallMeasure: Math.min(...partsMl) < SMALL_MEASURE_ML });
}
