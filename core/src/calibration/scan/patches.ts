import { squareTo, valueAtSpot, type GreyImage, type Spot } from './grey-image.ts';
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
const PROFILE = 900;
/** Codes at the very ends say nothing. */
const BLACKEST = 0.5 / 255;
const WHITEST = 254.5 / 255;
/** Neighbouring pixels of a picture that was compressed are not independent: so many count as one. */
const TOGETHER = 16;

/** The light along a strip: in the middle of its width, at even places. */
const profileOf = (light: (spot: Spot) => number, corners: StripCorners, reach: number) => {
  const place = squareTo(corners);
  return Array.from({ length: PROFILE }, (_, index) => {
    const along = ((index + 0.5) / PROFILE) * reach;
    const values = [0.3, 0.4, 0.5, 0.6, 0.7]
      .map((across) => Math.log(Math.max(1e-4, light(place(along, across)))))
      .toSorted((a, b) => a - b);
    return values[2]!;
  });
};

/**
 * How long a patch is, as a share of the strip that was seen: the pitch at which what lies within patches differs least.
 * Where the lightest patches cannot be told from the ground, the strip goes on beyond what was seen.
 */
export const pitchOf = (
  light: (spot: Spot) => number,
  corners: StripCorners,
  patches: number,
): { readonly pitch: number; readonly start: number } => {
  const seen = profileOf(light, corners, 1);
  const wanted: { pitch: number; start: number; cost: number }[] = [];
  const sums = seen.reduce<number[]>((all, value) => [...all, all.at(-1)! + value], [0]);
  const squares = seen.reduce<number[]>((all, value) => [...all, all.at(-1)! + value * value], [0]);
  const within = (from: number, to: number) => {
    const [a, b] = [Math.max(0, Math.round(from)), Math.min(PROFILE, Math.round(to))];
    const count = b - a;
    if (count < 2) return { cost: 0, count: 0 };
    const sum = sums[b]! - sums[a]!;
    return { cost: squares[b]! - squares[a]! - (sum * sum) / count, count };
  };
  // As many patches as can be told from the ground: all of them, down to a third.
  for (let visible = Math.ceil(patches / 3); visible <= patches; visible += 0.05) {
    const pitch = PROFILE / visible;
    for (let shift = -0.06; shift <= 0.061; shift += 0.02) {
      const start = shift * pitch;
      let cost = 0;
      let count = 0;
      for (let patch = 0; patch < patches && start + patch * pitch < PROFILE; patch += 1) {
        const inner = within(start + (patch + 0.1) * pitch, start + (patch + 0.9) * pitch);
        cost += inner.cost;
        count += inner.count;
      }
      // Shorter patches always differ less within: what is gained so is no gain.
      wanted.push({
        pitch: pitch / PROFILE,
        start: start / PROFILE,
        cost: (cost / Math.max(1, count)) * (1 + visible / patches),
      });
    }
  }
  return wanted.reduce((best, one) => (one.cost < best.cost ? one : best));
};

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
  { pitch, start }: { readonly pitch: number; readonly start: number },
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
