import { Refusal } from '../refusal.ts';
import { sound } from '../quantity/sound.ts';
import { mixFor } from './mix.ts';

/** What is sold at once, and its price in whatever money. */
export interface Priced {
  readonly price: number;
  readonly sizeMl: number;
}

/**
 * What of a substance is in a mixed volume: all parts but the last, which is water; all of it where nothing is added.
 * @param volumeMl of the mixed bath, ml
 * @param dilution its parts, the last of them water
 * @returns the dose, ml
 * @throws Refusal as `mixFor`
 * @source V·Σp/Σ(p + w)
 * @example
 * doseOf(600, [1, 31]) // = 18.75
 */
export function doseOf(volumeMl: number, dilution: readonly number[]): number {
  const { partsMl } = mixFor(volumeMl, dilution);
  const dosed = partsMl.length === 1 ? partsMl : partsMl.slice(0, -1);
  return dosed.reduce((sum, part) => sum + part, 0);
}

/** What film or paper of an area costs of a bath. */
export interface PassageCost {
  /** What is in the bath was paid so much for. */
  readonly paid: number;
  /** Where it is used up to what it is good for. */
  readonly atCapacity: number;
  /** Were it poured away now; not there while nothing went through it. */
  readonly soFar?: number;
}

/**
 * What film or paper of an area costs of a bath: the price of what is in it, shared by what it is good for, and by what went
 * through it so far.
 * @param dose of the substance in the bath, ml
 * @param sold what is sold at once in ml, and its price
 * @param areaCm2 that goes through, cm²
 * @param capacityCm2 of the whole bath for that medium, cm²
 * @param used of the bath's capacity, as a share
 * @returns money, in the unit of the price
 * @throws Refusal `cost` unless price, size, dose and capacity are more than 0
 * @source price × dose/size × A/C; so far divided by the share used
 * @example
 * passageCost(400, { price: 24, sizeMl: 1000 }, 516, 9288, 0.5).soFar // ≈ 1.0667
 */
export function passageCost(
  dose: number,
  { price, sizeMl }: Priced,
  areaCm2: number,
  capacityCm2: number,
  used: number,
): PassageCost {
  if (!(price > 0 && sizeMl > 0 && dose > 0 && capacityCm2 > 0 && areaCm2 >= 0 && used >= 0)) {
    throw new Refusal(
      'cost',
      '/price',
      'Give a price, a size, a dose and a capacity, all more than 0.',
    );
  }
  const paid = (price * dose) / sizeMl;
  const atCapacity = (paid * areaCm2) / capacityCm2;
  return sound({ paid, atCapacity, ...(used > 0 && { soFar: atCapacity / used }) });
}
