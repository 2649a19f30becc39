import { sound } from './sound.ts';
/** One stop in log10 exposure: log10 2. */
export const STOP_IN_LOG = Math.LOG10E * Math.LN2;

/**
 * The ratio of two lights (or times) in stops.
 * @param ratio more than zero
 * @returns stops, positive for more light
 * @source stops = log2 ratio
 * @example
 * ratioInStops(8) // ≈ 3
 */
export function ratioInStops(ratio: number): number {
  return sound(Math.log2(ratio));
}

/**
 * A time moved by stops.
 * @param seconds the time to start from, s
 * @param stops positive for more light
 * @returns seconds
 * @source t · 2^s
 * @example
 * addStops(8, 1 / 12) // ≈ 8.4757
 */
export function addStops(seconds: number, stops: number): number {
  return sound(seconds * 2 ** stops);
}

/**
 * Halfway between two times, as the eye judges it: the geometric mean.
 * @param a seconds, more than zero
 * @param b seconds, more than zero
 * @returns seconds
 * @source geometric mean
 * @example
 * halfwayBetween(8, 16) // ≈ 11.3137
 */
export function halfwayBetween(a: number, b: number): number {
  return sound(Math.sqrt(a * b));
}
