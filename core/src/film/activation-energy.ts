import { sound } from '../quantity/sound.ts';
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
  return sound(
    Math.exp(
      (-activationEnergy / GAS_CONSTANT) * (1 / kelvin(temperatureC) - 1 / kelvin(referenceC)),
    ),
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
  return sound((GAS_CONSTANT * Math.log(a.seconds / b.seconds)) / inverse);
}

/** A table of times, as the one line of ln t over 1/T that fits it best. */
export interface FittedTable {
  /** J/mol */
  readonly activationEnergy: number;
  readonly secondsAt: (temperatureC: number) => number;
}

/**
 * The activation energy that a whole table implies, and the times it stands for.
 * @param points two or more, at different temperatures, °C and s
 * @returns J/mol, and a function from °C to s
 * @source ln t = a + Ea/(R·T) by least squares: one misread time pulls less than in a segment of two
 * @example
 * fitTable([{ temperatureC: 18, seconds: 690 }, { temperatureC: 20, seconds: 570 }, { temperatureC: 22, seconds: 465 }, { temperatureC: 24, seconds: 390 }]).activationEnergy // ≈ 68890
 */
export function fitTable(points: readonly RecipePoint[]): FittedTable {
  sound(points);
  const lines = points.map(({ temperatureC, seconds }) => ({
    x: 1 / kelvin(temperatureC),
    y: Math.log(seconds),
  }));
  const mean = (values: readonly number[]) =>
    values.reduce((sum, value) => sum + value, 0) / values.length;
  const x = mean(lines.map((one) => one.x));
  const y = mean(lines.map((one) => one.y));
  const slope =
    mean(lines.map((one) => (one.x - x) * (one.y - y))) /
    mean(lines.map((one) => (one.x - x) ** 2));
  return {
    activationEnergy: sound(slope * GAS_CONSTANT),
    secondsAt: (temperatureC) => Math.exp(y + slope * (1 / kelvin(temperatureC) - x)),
  };
}
