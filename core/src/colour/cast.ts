import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';
import {
  changePack,
  channels,
  eachChannel,
  greyStops,
  type ChangedPack,
  type ChannelId,
  type ColourHead,
  type FilterPack,
} from './pack.ts';

/** The six casts of a colour print, each with the channels that take it out: its own colour is added. */
export const casts = [
  { id: 'yellow', name: 'yellow', adds: { c: 0, m: 0, y: 1 } },
  { id: 'red', name: 'red', adds: { c: 0, m: 1, y: 1 } },
  { id: 'magenta', name: 'magenta', adds: { c: 0, m: 1, y: 0 } },
  { id: 'blue', name: 'blue', adds: { c: 0, m: 0, y: -1 } },
  { id: 'cyan', name: 'cyan', adds: { c: 0, m: -1, y: -1 } },
  { id: 'green', name: 'green', adds: { c: 0, m: -1, y: 0 } },
] as const;
export type CastId = (typeof casts)[number]['id'];

/** How strong a cast is, in units: five are barely seen. */
export const castStrengths = [
  { id: 'slight', name: 'slightly', units: 5 },
  { id: 'clear', name: 'clearly', units: 10 },
  { id: 'strong', name: 'strongly', units: 20 },
] as const;
export type CastStrengthId = (typeof castStrengths)[number]['id'];

/**
 * The units that take a cast out of a print made from a negative.
 * @param castId one of `casts`
 * @param strengthId one of `castStrengths`
 * @returns the change of each channel, units: below zero it is taken away
 * @throws Refusal `cast` for another name
 * @source negative to positive: a cast is removed by adding its own colour
 * @example
 * castUnits("red", "slight") // = { "c": 0, "m": 5, "y": 5 }
 */
export function castUnits(castId: CastId, strengthId: CastStrengthId): FilterPack {
  const cast = casts.find(({ id }) => id === castId);
  const strength = castStrengths.find(({ id }) => id === strengthId);
  if (!cast || !strength) {
    throw new Refusal('cast', '/cast', 'Name one of the six casts, slight, clear or strong.');
  }
  return eachChannel((id) => cast.adds[id] * strength.units);
}

/**
 * A cast taken out of a print: its own colour added, grey out, the time corrected.
 * @param pack that it was printed with, units
 * @param units the change of each channel, as `castUnits` gives it
 * @param seconds that it got
 * @param head stops of ten units, each channel
 * @returns the pack, the change in stops, the time, s
 * @throws Refusal `pack` for more units than a head has
 * @source t·2^(Σ k·Δ)
 * @example
 * removeCast({ c: 0, m: 44, y: 58 }, { c: 0, m: 5, y: 5 }, 11.5, { c: 0.07, m: 0.09, y: 0.02 }).seconds // ≈ 11.95
 */
export function removeCast(
  pack: FilterPack,
  units: FilterPack,
  seconds: number,
  head: ColourHead,
): ChangedPack {
  return changePack(
    pack,
    eachChannel((id) => pack[id] + units[id]),
    seconds,
    head,
  );
}

/** A change of two channels that is the third moved the other way. */
export interface WrongTurn {
  readonly channel: ChannelId;
  readonly units: number;
}

/**
 * The usual wrong turn: two channels moved by the same amount are the third moved the other way, and grey.
 * @param units the change of each channel
 * @returns the third channel with its change; nothing where the change is no such turn
 * @source (c, m, y) − min
 * @example
 * wrongTurn({ c: 0, m: 10, y: 10 }) // = { "channel": "c", "units": -10 }
 */
export function wrongTurn(units: FilterPack): WrongTurn | undefined {
  sound(units);
  const still = channels.filter(({ id }) => units[id] === 0);
  const moved = channels.filter(({ id }) => units[id] !== 0);
  if (still.length !== 1 || units[moved[0]!.id] !== units[moved[1]!.id]) return undefined;
  return { channel: still[0]!.id, units: -units[moved[0]!.id] };
}

/**
 * How light or dark a colour channel of a print becomes by a cast, for a patch on a screen.
 * @param units of the cast in that channel: more filter than the print has takes it out
 * @param head stops of ten units, each channel
 * @param slope of the paper's layers, density over log exposure, about 2.5
 * @returns the light of that channel against the neutral patch, 1 for none
 * @source D = slope · log10(2) · stops
 * @example
 * castLight(20, { c: 0.07, m: 0.09, y: 0.02 }, 2.5) // ≈ 0.5359
 */
export function castLight(units: number, head: ColourHead, slope: number): number {
  return sound(2 ** (-units * greyStops(head) * slope));
}
