import { sound } from '../quantity/sound.ts';

/** The highest code of eight bits. */
const MOST_CODE = 255;

/**
 * The light that a code of a picture stands for.
 * @param code 0 to 255
 * @returns share of the brightest, 0 to 1
 * @source IEC 61966-2-1 (sRGB)
 * @example
 * linearFromCode(128) // ≈ 0.2159
 */
export function linearFromCode(code: number): number {
  const c = sound(code) / MOST_CODE;
  return c <= 0.04045 ? c / 12.92 : sound(((c + 0.055) / 1.055) ** 2.4);
}

/**
 * The code that stands for a light.
 * @param linear share of the brightest, 0 to 1
 * @returns 0 to 255, not rounded
 * @source IEC 61966-2-1 (sRGB)
 * @example
 * codeFromLinear(0.2159) // ≈ 128
 */
export function codeFromLinear(linear: number): number {
  const light = Math.min(1, Math.max(0, sound(linear)));
  const c = light <= 0.0031308 ? light * 12.92 : 1.055 * light ** (1 / 2.4) - 0.055;
  return c * MOST_CODE;
}
