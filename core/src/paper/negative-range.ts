import { Refusal } from '../refusal.ts';

/** How an enlarger lights the negative: directed light makes silver densities count for more. */
export const negativeLights = [
  { id: 'diffuse', name: 'a diffuser', factor: 1 },
  { id: 'directed', name: 'a condenser', factor: 1.22 },
] as const;
export type NegativeLightId = (typeof negativeLights)[number]['id'];

/**
 * The log range that a negative's densities become on the baseboard, as 100 × log10: what `toneRange` is of a curve.
 * @param densityRange density between the places for the two tones
 * @param factor 1 for diffuse light, 1.2 to 1.3 for directed light and silver film
 * @returns 100 × log10 of light
 * @throws Refusal `negative-range` for a range that is not more than zero, or a factor outside 0.5 to 2
 * @source r = 100·Q·ΔD (Callier)
 * @example
 * negativeRange(0.92, 1.22) // ≈ 112.2
 */
export function negativeRange(densityRange: number, factor: number): number {
  if (!(densityRange > 0 && densityRange < 5)) {
    throw new Refusal('negative-range', '/densityRange', 'A density range is more than zero.');
  }
  if (!(factor >= 0.5 && factor <= 2)) {
    throw new Refusal('negative-range', '/factor', 'The factor of the light lies from 0.5 to 2.');
  }
  return 100 * factor * densityRange;
}
