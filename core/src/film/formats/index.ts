import { sound } from '../../quantity/sound.ts';
import { eightByTen } from './eight-by-ten.ts';
import { fiveBySeven } from './five-by-seven.ts';
import type { FilmFormat } from './format.ts';
import { fourByFive } from './four-by-five.ts';
import { medium } from './medium.ts';
import { small24 } from './small-24.ts';
import { small36 } from './small-36.ts';

/** Every film format that the record knows. */
export const filmFormats = [small36, small24, medium, fourByFive, fiveBySeven, eightByTen] as const;

export type FilmFormatId = (typeof filmFormats)[number]['id'];

/** The area that capacities are given for: one 135-36, one 120, four 4×5 in sheets, one 8×10 in sheet, cm². */
export const ROLL_EQUIVALENT_CM2 = 516;

/**
 * The film format of an id.
 * @param id one of the ids in `filmFormats`
 * @returns the format, its area in cm²
 * @source this folder's index
 * @example
 * filmFormat("four-by-five").areaCm2 // = 129
 */
export function filmFormat(id: FilmFormatId): FilmFormat {
  return filmFormats.find((format) => format.id === id)!;
}

/** So many films of one format. */
export interface FilmLoad {
  readonly format: FilmFormatId;
  readonly count: number;
}

/**
 * The area of a load of films, as a bath counts it.
 * @param load films of one or more formats
 * @returns cm²
 * @source area of a film × count
 * @example
 * filmArea([{ format: "four-by-five", count: 4 }]) // = 516
 */
export function filmArea(load: readonly FilmLoad[]): number {
  return sound(
    load.reduce((sum, { format, count }) => sum + count * filmFormat(format).areaCm2, 0),
  );
}

/**
 * What a load of films amounts to in rolls.
 * @param load films of one or more formats
 * @returns roll equivalents
 * @source 516 cm² a roll equivalent
 * @example
 * rollEquivalents([{ format: "four-by-five", count: 4 }]) // = 1
 */
export function rollEquivalents(load: readonly FilmLoad[]): number {
  return sound(filmArea(load) / ROLL_EQUIVALENT_CM2);
}
