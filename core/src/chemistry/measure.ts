import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';
import { SMALL_MEASURE_ML } from './mix.ts';

/** Under so many divisions of its vessel a volume cannot be read well. */
export const LEAST_DIVISIONS = 10;

/** A volume as a vessel with divisions can measure it. */
export interface Measure {
  /** What is read off: a whole number of divisions, ml. */
  readonly measuredMl: number;
  /** What rounding to a division does to the dose, as a share of it. */
  readonly rounding: number;
  /** How far off a reading may be either way, as a share of the dose. */
  readonly reading: number;
  /** Under 5 ml, or under ten divisions: a syringe, a larger batch or two stages serve better. */
  readonly tooSmall: boolean;
}

/**
 * What a vessel makes of a volume.
 * @param volumeMl wanted, ml
 * @param divisionMl of the vessel, ml
 * @returns what is measured, and the errors of rounding and reading
 * @throws Refusal `volume` unless both are more than zero
 * @source q·round(v/q); rounding measured/v − 1, reading ± (q/2)/v; too small under 10·q or 5 ml
 * @example
 * measure(16.375, 2).reading // ≈ 0.06107
 */
export function measure(volumeMl: number, divisionMl: number): Measure {
  if (!(volumeMl > 0 && divisionMl > 0) || volumeMl === Infinity) {
    throw new Refusal(
      'volume',
      '/volumeMl',
      'A volume, and a division of its vessel, is more than 0 ml.',
    );
  }
  const measuredMl = divisionMl * Math.round(volumeMl / divisionMl);
  return sound({
    measuredMl,
    rounding: measuredMl / volumeMl - 1,
    reading: divisionMl / 2 / volumeMl,
    tooSmall: volumeMl < LEAST_DIVISIONS * divisionMl || volumeMl < SMALL_MEASURE_ML,
  });
}
