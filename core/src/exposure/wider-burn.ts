import { Refusal } from '../refusal.ts';
import { sound, soundTime } from '../quantity/sound.ts';

/** A lens opens by no more than this, stops. */
const MOST_WIDER = 8;

/** A long burn, given at a wider aperture. */
export interface WiderBurn {
  readonly seconds: number;
  /** The burn that the very seconds of the base give at that aperture, stops. */
  readonly sameSecondsStops: number;
}

/**
 * A burn at a wider aperture than its base, where it would take longer than anybody's patience.
 * @param baseSeconds the main exposure, s
 * @param stops the burn, stops
 * @param widerStops how many stops wider; 0 at the same aperture
 * @returns s of the burn, and the burn that as many seconds as the base would give
 * @throws Refusal `wider` unless the base is more than 0, the burn more than 0 and the lens opens by 0 to 8 stops
 * @source base·(2^s − 1)/2^w; log2(1 + 2^w)
 * @example
 * widerBurn(38, 1.5, 1).seconds // ≈ 34.74
 */
export function widerBurn(baseSeconds: number, stops: number, widerStops: number): WiderBurn {
  if (!(baseSeconds > 0 && stops > 0 && widerStops >= 0 && widerStops <= MOST_WIDER)) {
    throw new Refusal(
      'wider',
      '/widerStops',
      `Give the base, a burn in stops, and by how many stops the lens is opened, up to ${MOST_WIDER}.`,
    );
  }
  return sound({
    seconds: soundTime((baseSeconds * (2 ** stops - 1)) / 2 ** widerStops),
    sameSecondsStops: Math.log2(1 + 2 ** widerStops),
  });
}
