import { Refusal } from '../refusal.ts';

/** Mean density above paper white of a print that tires a bath as its area says. */
const USUAL_DENSITY = 0.6;
/** What white paper counts: its silver goes into the fixer, and the developer is carried over all the same. */
const WHITE_COUNTS = 1 / 3;
/** No print counts less or more than this. */
const [LEAST, MOST] = [1 / 2, 2];

/**
 * How much of a bath's capacity a print takes for its area: a dark one about twice as much as a light one.
 * @param meanDensity mean density of the print above paper white
 * @returns factor on its area, 0.5 to 2; 1 at a mean density of 0.6
 * @throws Refusal `density` below zero
 * @source rule of thumb, straight in density: 2/3 at 0.3, 4/3 at 0.9
 * @example
 * tiredBy(0.9) // ≈ 1.333
 */
export function tiredBy(meanDensity: number): number {
  if (!(meanDensity >= 0 && meanDensity < Infinity)) {
    throw new Refusal('density', '/meanDensity', 'A print is no lighter than its paper.');
  }
  const perDensity = (1 - WHITE_COUNTS) / USUAL_DENSITY;
  return Math.min(MOST, Math.max(LEAST, WHITE_COUNTS + perDensity * meanDensity));
}
