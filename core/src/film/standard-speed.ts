import { Refusal } from '../refusal.ts';

/** The third-stop series of one decade of film speeds (ISO 6), repeated ×10. */
const STANDARD_DECADE = [10, 12, 16, 20, 25, 32, 40, 50, 64, 80];
/** Speeds above 80 that the trade rounds otherwise than ×10 of the decade. */
const STANDARD_ABOVE = [
  100, 125, 160, 200, 250, 320, 400, 500, 640, 800, 1000, 1250, 1600, 2000, 2500, 3200, 4000, 5000,
  6400, 8000, 10_000, 12_800, 25_600,
];
export const STANDARD_SPEEDS: readonly number[] = [6, 8, ...STANDARD_DECADE, ...STANDARD_ABOVE];

/**
 * The standard speed nearest to one that was measured.
 * @param speed ISO or EI, more than zero
 * @returns the nearest of the third-stop series, in stops
 * @throws Refusal `speed` unless it is more than zero
 * @source third-stop series of ISO 6
 * @example
 * nearestStandardSpeed(113.5) // = 125
 */
export function nearestStandardSpeed(speed: number): number {
  if (!(speed > 0 && speed < Infinity)) {
    throw new Refusal('speed', '/speed', 'A film speed is more than zero.');
  }
  const apart = (standard: number) => Math.abs(Math.log2(standard / speed));
  return STANDARD_SPEEDS.reduce((best, standard) =>
    apart(standard) < apart(best) ? standard : best,
  );
}
