import { toneById } from '../../paper/tones.ts';
import { sound } from '../../quantity/sound.ts';

/** Up to the middle grey a place is light: the soft one of two exposures holds it. */
const LIGHT_PLACE = toneById('V').netDensity;

/**
 * In which setting of the base a place is burned: of a pair light places in the soft one, dark ones in the hard one, in
 * whatever order the two are given.
 * @param base the exposures of the whole sheet, ISO R of each
 * @param netDensity the tone that the place takes, density above Dmin
 * @returns one of the base; nothing where there is none
 * @source split-grade printing: highlights are the soft exposure's, shadows the hard one's
 * @example
 * burnSetting([{ range: 57 }, { range: 160 }], 0.1) // = { "range": 160 }
 */
export function burnSetting<Exposure extends { readonly range: number }>(
  base: readonly Exposure[],
  netDensity: number,
): Exposure | undefined {
  const [first, ...rest] = sound(base);
  if (!first) return undefined;
  const softer = sound(netDensity) <= LIGHT_PLACE;
  return rest.reduce(
    (best, one) => ((softer ? one.range > best.range : one.range < best.range) ? one : best),
    first,
  );
}
