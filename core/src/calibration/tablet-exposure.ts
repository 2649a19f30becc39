import { sound, soundTime } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';
import { neededSeconds, type ReciprocityLaw } from './reciprocity.ts';
import { ABOVE_METER_STOPS } from './step-tablet.ts';

/** A holder carries two sheets, told apart in the dark by its notches. */
const SHEETS_A_HOLDER = 2;

/** One sheet of a film test. */
export interface TabletSheet {
  readonly holder: number;
  readonly side: 'front' | 'back';
  /** In the order in which they are exposed, from 1. */
  readonly sheet: number;
}

/** How the tablet is exposed. */
export interface TabletExposure {
  /** Of each sheet, what the film loses in long exposures counted in, s. */
  readonly seconds: number;
  /** Without what the film loses, s. */
  readonly meteredSeconds: number;
  readonly sheets: readonly TabletSheet[];
}

/**
 * The exposures of a film test: step 1 at zone X, so five stops more than the meter says for an even surface.
 * @param meteredSeconds the meter's time for the surface, at the EI set and the lens's aperture, s
 * @param sheets how many, 1 to 12: one for each development
 * @param law what the film needs in long exposures; nothing for a film that loses nothing
 * @returns seconds of each, and which sheet of which holder
 * @throws Refusal `tablet-exposure` for no time or too many sheets, `reciprocity` as `neededSeconds`
 * @source zone X = zone V + 5 stops
 * @example
 * tabletExposure(0.125, 3).seconds // = 4
 */
export function tabletExposure(
  meteredSeconds: number,
  sheets: number,
  law?: ReciprocityLaw,
): TabletExposure {
  soundTime(meteredSeconds);
  if (!(meteredSeconds > 0 && sheets >= 1 && sheets <= 12 && Number.isInteger(sheets))) {
    throw new Refusal(
      'tablet-exposure',
      '/meteredSeconds',
      'Give what the meter says for the even surface, and from 1 to 12 sheets.',
    );
  }
  const metered = meteredSeconds * 2 ** ABOVE_METER_STOPS;
  return sound({
    meteredSeconds: metered,
    seconds: law ? neededSeconds(law, metered) : metered,
    sheets: Array.from({ length: sheets }, (_, index) => ({
      sheet: index + 1,
      holder: Math.floor(index / SHEETS_A_HOLDER) + 1,
      side: index % SHEETS_A_HOLDER === 0 ? ('front' as const) : ('back' as const),
    })),
  });
}
