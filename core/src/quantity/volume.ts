import { sound } from './sound.ts';
/** Millilitres in a US fluid ounce. */
const ML_PER_US_FL_OZ = 29.5735;

/**
 * Millilitres to US fluid ounces.
 * @param volumeMl ml
 * @returns US fl oz
 * @source 1 US fl oz = 29.5735 ml
 * @example
 * fluidOunces(473.176) // ≈ 16
 */
export function fluidOunces(volumeMl: number): number {
  return sound(volumeMl / ML_PER_US_FL_OZ);
}

/**
 * US fluid ounces to millilitres.
 * @param ounces US fl oz
 * @returns ml
 * @source 1 US fl oz = 29.5735 ml
 * @example
 * fromFluidOunces(16) // ≈ 473.18
 */
export function fromFluidOunces(ounces: number): number {
  return sound(ounces * ML_PER_US_FL_OZ);
}
