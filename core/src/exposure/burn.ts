import { sound, soundTime } from '../quantity/sound.ts';
import { addStops } from '../quantity/stops.ts';

/**
 * What an area gets on top of the base, or is held back for.
 * @param baseSeconds the main exposure, s
 * @param stops positive burns, negative dodges
 * @returns s: for a burn the extra time, for a dodge the part of the base for which it is held back
 * @source burn base·(2^s − 1), dodge base·(1 − 2^s)
 * @example
 * burnOrDodge(12.6, 2 / 3) // ≈ 7.401
 */
export function burnOrDodge(baseSeconds: number, stops: number): number {
  return soundTime(Math.abs(addStops(baseSeconds, stops) - baseSeconds));
}

/**
 * Per cent more or less light in stops, for those who count in per cent.
 * @param percent positive for more
 * @returns stops
 * @source log2(1 + p/100)
 * @example
 * percentInStops(10) // ≈ 0.1375
 */
export function percentInStops(percent: number): number {
  return sound(Math.log2(1 + percent / 100));
}

/**
 * Seconds more or less of an area in stops, for those who count in seconds.
 * @param baseSeconds the main exposure, s
 * @param moreSeconds what the area gets on top, s; negative where it is held back
 * @returns stops
 * @throws Refusal `no-answer` when nothing is left of the base
 * @source log2((base + extra)/base)
 * @example
 * secondsInStops(12.6, 3.5) // ≈ 0.3536
 */
export function secondsInStops(baseSeconds: number, moreSeconds: number): number {
  return sound(Math.log2((baseSeconds + moreSeconds) / baseSeconds));
}

/**
 * Stops as per cent more or less light.
 * @param stops positive for more
 * @returns per cent
 * @source 100·(2^s − 1)
 * @example
 * stopsInPercent(1) // ≈ 100
 */
export function stopsInPercent(stops: number): number {
  return sound(100 * (2 ** stops - 1));
}
