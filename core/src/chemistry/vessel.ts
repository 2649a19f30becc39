import { sound } from '../quantity/sound.ts';
import { measure, type Measure } from './measure.ts';

/** Something to measure with. */
export interface MeasuringVessel {
  readonly name: string;
  readonly holdsMl: number;
  readonly divisionMl: number;
}

/** A volume in the vessel that measures it best. */
export interface Measured extends Measure {
  readonly vessel: MeasuringVessel;
  /** So often it is filled; each filling errs on its own. */
  readonly fills: number;
}

/** More fillings of one vessel than this are miscounted. */
const MOST_FILLS = 4;

/**
 * The vessel that measures a volume best: one filling before several, then the least error.
 * @param volumeMl wanted, ml
 * @param vessels that are there, ml
 * @returns the vessel, how often it is filled, what it measures and its errors; undefined when none serves
 * @throws Refusal `volume` as `measure`
 * @source reading error ± (q/2)/v for each filling
 * @example
 * bestVessel(16.375, [{ name: "graduate", holdsMl: 100, divisionMl: 2 }, { name: "syringe", holdsMl: 20, divisionMl: 0.5 }]).measuredMl // = 16.5
 */
export function bestVessel(
  volumeMl: number,
  vessels: readonly MeasuringVessel[],
): Measured | undefined {
  sound({ volumeMl, vessels });
  const ways = vessels.flatMap((vessel): Measured[] => {
    const { holdsMl, divisionMl } = vessel;
    if (!(divisionMl > 0 && holdsMl >= divisionMl)) return [];
    const fills = Math.ceil(volumeMl / holdsMl - 1e-9);
    if (!(fills <= MOST_FILLS)) return [];
    const one = measure(volumeMl, divisionMl);
    return [{ ...one, reading: one.reading * fills, vessel, fills }];
  });
  const errs = ({ rounding, reading }: Measured) => Math.abs(rounding) + reading;
  return ways.sort((a, b) => a.fills - b.fills || errs(a) - errs(b)).at(0);
}
