import { kelvin } from '../quantity/temperature.ts';
import type { RecipePoint } from './recipe.ts';

/** Molar gas constant, J/(mol·K) (CODATA 2018). */
const GAS_CONSTANT = 8.314462618;

/** Activation energy of development where a recipe has no own one, J/mol. */
export const DEFAULT_ACTIVATION_ENERGY = 62_000;

/**
 * How fast development goes at one temperature against another.
 * @param temperatureC °C
 * @param referenceC °C at which the rate is 1
 * @param activationEnergy J/mol
 * @returns a ratio, more than 1 when warmer
 * @source Arrhenius
 * @example
 * developmentRate(22, 20, 62000) // ≈ 1.188
 */
export function developmentRate(
  temperatureC: number,
  referenceC: number,
  activationEnergy: number,
): number {
  return Math.exp(
    (-activationEnergy / GAS_CONSTANT) * (1 / kelvin(temperatureC) - 1 / kelvin(referenceC)),
  );
}

/**
 * The activation energy that two published times imply.
 * @param a a time at a temperature
 * @param b another time at another temperature
 * @returns J/mol
 * @source Arrhenius, solved for the energy
 * @example
 * activationEnergyBetween({ temperatureC: 18, seconds: 690 }, { temperatureC: 24, seconds: 390 }) // ≈ 68401
 */
export function activationEnergyBetween(a: RecipePoint, b: RecipePoint): number {
  const inverse = 1 / kelvin(a.temperatureC) - 1 / kelvin(b.temperatureC);
  return (GAS_CONSTANT * Math.log(a.seconds / b.seconds)) / inverse;
}
