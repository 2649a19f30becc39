import { Refusal } from '../refusal.ts';
import { sound, soundTime } from '../quantity/sound.ts';

/** More than this no lens loses into its corners, stops. */
const MOST_STOPS = 6;

/** The corners of a print, made as light as its middle. */
export interface CornerFallOff {
  /** What the corners get on top, s. */
  readonly cornersSeconds: number;
  /** Or the whole sheet, s, its middle held back for as long as the corners would have got. */
  readonly wholeSeconds: number;
  readonly heldBackSeconds: number;
}

/**
 * What evens the corners out, told both ways: a burn of the corners, or a longer sheet with its middle held back.
 * @param baseSeconds the main exposure, s
 * @param fallOffStops what the corners lack, stops
 * @returns s of both ways
 * @throws Refusal `fall-off` unless the corners lack between 0 and 6 stops, `base` unless the exposure is more than 0
 * @source corners base·(2^f − 1); all base·2^f
 * @example
 * cornerFallOff(18, 0.55).cornersSeconds // ≈ 8.354
 */
export function cornerFallOff(baseSeconds: number, fallOffStops: number): CornerFallOff {
  if (!(baseSeconds > 0)) {
    throw new Refusal('base', '/baseSeconds', 'Give the exposure of the sheet, for example 18.');
  }
  if (!(fallOffStops >= 0 && fallOffStops <= MOST_STOPS)) {
    throw new Refusal(
      'fall-off',
      '/fallOffStops',
      `Give what the corners lack in stops, from 0 to ${MOST_STOPS}.`,
    );
  }
  const wholeSeconds = soundTime(baseSeconds * 2 ** fallOffStops);
  const cornersSeconds = wholeSeconds - baseSeconds;
  return { cornersSeconds, wholeSeconds, heldBackSeconds: cornersSeconds };
}

/**
 * What a lens loses towards the edge of the picture by itself, at any aperture. What is more than that goes away on stopping down.
 * @param focalMm focal length of the lens, mm
 * @param magnification of the print
 * @param radiusMm how far from the axis on the negative, mm
 * @returns stops
 * @throws Refusal `lens` unless focal length and magnification are more than 0 and the radius is none below it
 * @source cosine-fourth law: −4·log2 cos θ, tan θ = r/(F·(1 + 1/m))
 * @example
 * naturalFallOff(75, 4, 36) // ≈ 0.3969
 */
export function naturalFallOff(focalMm: number, magnification: number, radiusMm: number): number {
  if (!(focalMm > 0 && magnification > 0 && radiusMm >= 0)) {
    throw new Refusal(
      'lens',
      '/focalMm',
      'Give the focal length, the magnification and how far from the middle, for example 75, 4 and 36.',
    );
  }
  const tangent = radiusMm / (focalMm * (1 + 1 / magnification));
  return sound(2 * Math.log2(1 + tangent ** 2));
}
