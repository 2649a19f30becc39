import { filmFormats, type FilmFormatId, type FilmLoad } from '../formats/index.ts';
import { sound } from '../../quantity/sound.ts';
import { Refusal } from '../../refusal.ts';
import { medium } from './medium.ts';
import { sheet } from './sheet.ts';
import { small } from './small.ts';
import type { LoadingStep } from './way.ts';

const ways = [small, medium, sheet] as const;

/** What must lie within reach, and what the hands then do. */
export interface LightsOut {
  readonly things: readonly string[];
  readonly steps: readonly LoadingStep[];
}

/** Whatever the film, this is done before and after. */
const closing: LoadingStep = {
  id: 'close',
  does: 'The column in, all of it into the tank, the lid on, and turn it until it stops.',
  feel: 'The lid sits level all round, and does not lift.',
  binds: 'Off again: a reel stands askew, or the column is missing. Without it light comes in.',
};

const wayOf = (format: FilmFormatId) =>
  ways.find(({ formats }) => formats.some((id) => id === format));

/**
 * Before the lights go out: the list of what must lie within reach, and what is done in the dark in its order.
 * @param load films of one or more formats
 * @returns things to lay out, and steps with what to feel for and what to do when it binds
 * @throws Refusal `load` where there is nothing to load
 * @source the usual way of each format
 * @example
 * beforeLightsOut([{ format: "small-36", count: 2 }]).things[1] // = "2 reels, bone dry"
 */
export function beforeLightsOut(load: readonly FilmLoad[]): LightsOut {
  sound(load.map(({ count }) => count));
  const known = load.filter(
    ({ format, count }) => count > 0 && filmFormats.some(({ id }) => id === format),
  );
  const used = ways.filter((way) => known.some(({ format }) => wayOf(format) === way));
  if (used.length === 0) {
    throw new Refusal('load', '/load', 'There is no film to load: say which format it is.');
  }
  const reels = known
    .filter(({ format }) => wayOf(format) !== sheet)
    .reduce((sum, { count }) => sum + Math.round(count), 0);
  return {
    things: [
      'tank, its column and its lid',
      ...(reels > 0 ? [reels === 1 ? 'a reel, bone dry' : `${reels} reels, bone dry`] : []),
      ...used.flatMap(({ things }) => things),
      'hands and table dry',
      'phone face down, watch off, no gap of light at the door',
    ],
    steps: [...used.flatMap(({ steps }) => steps), closing],
  };
}
