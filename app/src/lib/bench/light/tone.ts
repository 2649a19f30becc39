import { codeFromLinear } from '@katachron/core';
import type { Light } from '../desk/choices.ts';

/** Red light shows a grey at this share of its value. */
export const RED_SHARE = 0.86;

/** Neutral warm: paper white is a little yellow, black a little brown. */
export const WARMTH = [1, 0.984, 0.957] as const;

/** A print tone's grey value from its density: reflectance 10^−D, then the sRGB curve. */
export function greyOf(density: number): number {
  return Math.round(codeFromLinear(10 ** -density));
}

/** The colour of a print tone in a light: a warm grey, or its value in the red channel alone. */
export function toneColour(density: number, light: Light): string {
  const grey = greyOf(density);
  if (light === 'white') {
    const [red, green, blue] = WARMTH;
    return `rgb(${Math.round(grey * red)} ${Math.round(grey * green)} ${Math.round(grey * blue)})`;
  }
  return `rgb(calc(${Math.round(grey * RED_SHARE)} * var(--lit)) 0 0)`;
}

/** From this grey on a mark over the tone is dark, below it is light. */
const MIDDLE_GREY = 110;

export function darkMarkOn(density: number): boolean {
  return greyOf(density) > MIDDLE_GREY;
}
