import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';
import { linearFromCode } from './srgb.ts';

/** A black denser than this reflects no less than the room gives back. */
const MOST_DENSITY = 2.2;

/**
 * The mean density of a print by its picture.
 * @param codes of the print, 0 to 255
 * @param whiteCode the code of its paper white, 1 to 255
 * @returns density above paper white, the mean over all of it
 * @throws Refusal `picture` for a picture of no pixels, or a white that is no code
 * @source −log10(linear light / that of paper white), pixel by pixel, none above 2.2
 * @example
 * meanDensity(new Uint8Array([236, 236]), 236) // = 0
 */
export function meanDensity(codes: Uint8Array, whiteCode: number): number {
  if (codes.length === 0) throw new Refusal('picture', '/codes', 'A picture has pixels.');
  if (!(whiteCode >= 1 && whiteCode <= 255)) {
    throw new Refusal('picture', '/whiteCode', 'A tone of a picture is a code from 1 to 255.');
  }
  const white = linearFromCode(whiteCode);
  const of = Array.from({ length: 256 }, (_, code) => {
    const share = linearFromCode(code) / white;
    return share > 0 ? Math.min(MOST_DENSITY, Math.max(0, -Math.log10(share))) : MOST_DENSITY;
  });
  return sound(codes.reduce((sum, code) => sum + of[code]!, 0) / codes.length);
}
