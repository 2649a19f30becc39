import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';

/** The three filters of a subtractive head, each the colour that it lets through least of the other. */
export const channels = [
  { id: 'c', letter: 'C', name: 'cyan', takes: 'red' },
  { id: 'm', letter: 'M', name: 'magenta', takes: 'green' },
  { id: 'y', letter: 'Y', name: 'yellow', takes: 'blue' },
] as const;
export type ChannelId = (typeof channels)[number]['id'];

/** A filter pack, in the head's own units. */
export type FilterPack = Readonly<Record<ChannelId, number>>;

/** A head: the stops that ten units of each filter take. */
export type ColourHead = Readonly<Record<ChannelId, number>>;

/** A head is calibrated for so many units. */
const HEAD_UNITS = 10;
/** No head has more. */
export const MOST_UNITS = 300;

/** What a head takes where nobody measured it. */
export const usualColourHead: ColourHead = { c: 0.07, m: 0.09, y: 0.02 };

/** A pack with what a change of it does to the time. */
export interface ChangedPack {
  readonly pack: FilterPack;
  /** The light that the change takes, stops: so much more time. */
  readonly stops: number;
  readonly seconds: number;
}

/** Each channel made anew. */
export const eachChannel = <Value>(of: (id: ChannelId) => Value): Record<ChannelId, Value> => ({
  c: of('c'),
  m: of('m'),
  y: of('y'),
});

const least = ({ c, m, y }: FilterPack) => Math.min(c, m, y);

/**
 * The colour of a pack: what is left of it without its grey.
 * @param pack units of the head
 * @returns the pack with the least of the three taken from each; what was below zero is above it then
 * @source (c, m, y) − min
 * @example
 * packColour({ c: 8, m: 40, y: 61 }) // = { "c": 0, "m": 32, "y": 53 }
 */
export function packColour(pack: FilterPack): FilterPack {
  const grey = least(pack);
  return sound(eachChannel((id) => pack[id] - grey));
}

/**
 * The light that a pack takes.
 * @param pack units of the head
 * @param head stops of ten units, each channel
 * @returns stops, more for more filter
 * @source Σ k·units
 * @example
 * packStops({ c: 0, m: 49, y: 63 }, { c: 0.07, m: 0.09, y: 0.02 }) // ≈ 0.567
 */
export function packStops(pack: FilterPack, head: ColourHead): number {
  return sound(channels.reduce((sum, { id }) => sum + (head[id] * pack[id]) / HEAD_UNITS, 0));
}

/**
 * The light that a unit of grey takes from each layer of the paper: one unit of all three filters.
 * @param head stops of ten units, each channel
 * @returns stops
 * @throws Refusal `head` for a head that takes nothing
 * @source Σ k
 * @example
 * greyStops({ c: 0.07, m: 0.09, y: 0.02 }) // ≈ 0.018
 */
export function greyStops(head: ColourHead): number {
  const stops = packStops({ c: 1, m: 1, y: 1 }, head);
  if (!(stops > 0)) {
    throw new Refusal(
      'head',
      '/head',
      'A head takes some light: give the stops of ten units each.',
    );
  }
  return stops;
}

/**
 * Another pack in the place of one, with its grey taken out and the time corrected.
 * @param from the pack that was printed with, units
 * @param to the pack that is wanted; a filter below zero is the other two above it
 * @param seconds of the print with `from`
 * @param head stops of ten units, each channel
 * @returns the pack without grey, the change in stops, the time, s
 * @throws Refusal `pack` for more units than a head has
 * @source t·2^(Σ k·Δ); neutral density out
 * @example
 * changePack({ c: 8, m: 40, y: 61 }, { c: 8, m: 40, y: 61 }, 11.5, { c: 0.07, m: 0.09, y: 0.02 }).seconds // ≈ 10.41
 */
export function changePack(
  from: FilterPack,
  to: FilterPack,
  seconds: number,
  head: ColourHead,
): ChangedPack {
  const pack = packColour(to);
  const beyond = channels.find(({ id }) => pack[id] > MOST_UNITS || from[id] > MOST_UNITS);
  if (beyond) {
    throw new Refusal(
      'pack',
      `/pack/${beyond.id}`,
      `No head has more than ${MOST_UNITS} ${beyond.letter}: was a unit mistaken for another?`,
    );
  }
  const stops = packStops(pack, head) - packStops(from, head);
  return sound({ pack, stops, seconds: seconds * 2 ** stops });
}
