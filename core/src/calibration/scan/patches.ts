import { squareTo, valueAtSpot, type GreyImage, type Spot } from './grey-image.ts';
import type { Pitch } from './pitch.ts';
import type { StripCorners } from './strips.ts';

/** A patch of a strip as it was read. */
export interface PatchLight {
  /** Linear light against the ground around it. */
  readonly light: number;
  /** Standard deviation of that mean. */
  readonly deviation: number;
  /** Share of its pixels at the ends of the scale. */
  readonly clipped: number;
  /** Where its middle lies, in pixels of the picture. */
  readonly spot: Spot;
}

/** The inner part of a patch, away from its edges. */
const INNER = 0.5;
const SAMPLES = 24;
/** Codes at the very ends say nothing. */
const BLACKEST = 0.5 / 255;
const WHITEST = 254.5 / 255;
/** Neighbouring pixels of a picture that was compressed are not independent: so many count as one. */
const TOGETHER = 16;

/** The mean of the middle half of values: as robust as a median, and finer than the steps of the codes. */
const middleMean = (values: readonly number[]) => {
  const sorted = values.toSorted((a, b) => a - b);
  const cut = Math.floor(sorted.length / 4);
  const middle = sorted.slice(cut, sorted.length - cut);
  const mean = middle.reduce((sum, value) => sum + value, 0) / middle.length;
  // Of a normal spread the middle half lies within 0.674 standard deviations.
  const deviation = (middle.at(-1)! - middle[0]!) / (2 * 0.674);
  return { mean, deviation: deviation / Math.sqrt(sorted.length / TOGETHER) };
};

/** Every patch of a strip, from its first corner on. */
export const readPatches = (
  image: GreyImage,
  light: (spot: Spot) => number,
  corners: StripCorners,
  patches: number,
  { pitch, start }: Pick<Pitch, 'pitch' | 'start'>,
): PatchLight[] => {
  const place = squareTo(corners);
  return Array.from({ length: patches }, (_, patch) => {
    const lights: number[] = [];
    let clipped = 0;
    for (let a = 0; a < SAMPLES; a += 1) {
      for (let b = 0; b < SAMPLES; b += 1) {
        const along = start + pitch * (patch + 0.5 + INNER * ((a + 0.5) / SAMPLES - 0.5));
        const spot = place(along, 0.5 + INNER * ((b + 0.5) / SAMPLES - 0.5));
        const code = valueAtSpot(image, spot);
        if (code <= BLACKEST || code >= WHITEST) clipped += 1;
        lights.push(light(spot));
      }
    }
    const { mean, deviation } = middleMean(lights);
    return {
      light: mean,
      deviation,
      clipped: clipped / (SAMPLES * SAMPLES),
      spot: place(start + pitch * (patch + 0.5), 0.5),
    };
  });
};
