import type { Light } from '../desk/choices.ts';

/** Red light shows a grey at this share of its value. */
const RED_SHARE = 0.86;

/** Neutral warm: paper white is a little yellow, black a little brown. */
const WARMTH = [1, 0.984, 0.957];

/** A print tone's grey value from its density: reflectance 10^−D, then the sRGB curve. */
export function greyOf(density: number): number {
  const reflectance = 10 ** -density;
  const encoded =
    reflectance <= 0.0031308 ? 12.92 * reflectance : 1.055 * reflectance ** (1 / 2.4) - 0.055;
  return Math.round(255 * encoded);
}

/** The colour of a print tone in a light: a warm grey, or its value in the red channel alone. */
export function toneColour(density: number, light: Light): string {
  const grey = greyOf(density);
  if (light === 'white') {
    const [red = 1, green = 1, blue = 1] = WARMTH;
    return `rgb(${Math.round(grey * red)} ${Math.round(grey * green)} ${Math.round(grey * blue)})`;
  }
  return `rgb(calc(${Math.round(grey * RED_SHARE)} * var(--lit)) 0 0)`;
}

/** From this grey on a mark over the tone is dark, below it is light. */
const MIDDLE_GREY = 110;

export function darkMarkOn(density: number): boolean {
  return greyOf(density) > MIDDLE_GREY;
}
