import { sound } from './sound.ts';
/** 0 °C in kelvin (ITS-90, exact). */
const ZERO_CELSIUS = 273.15;

/**
 * Celsius to kelvin.
 * @param temperatureC °C
 * @returns kelvin
 * @source SI definition of the degree Celsius
 * @example
 * kelvin(20) // ≈ 293.15
 */
export function kelvin(temperatureC: number): number {
  return sound(temperatureC + ZERO_CELSIUS);
}

/**
 * Celsius to Fahrenheit.
 * @param temperatureC °C
 * @returns °F
 * @source °F = °C × 9/5 + 32 (exact)
 * @example
 * fahrenheit(20) // ≈ 68
 */
export function fahrenheit(temperatureC: number): number {
  return sound((temperatureC * 9) / 5 + 32);
}

/**
 * Fahrenheit to Celsius.
 * @param temperatureF °F
 * @returns °C
 * @source °C = (°F − 32) × 5/9 (exact)
 * @example
 * celsius(68) // ≈ 20
 */
export function celsius(temperatureF: number): number {
  return sound(((temperatureF - 32) * 5) / 9);
}
