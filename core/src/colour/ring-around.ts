import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';
import { changePack, eachChannel, packStops, type ColourHead, type FilterPack } from './pack.ts';
import type { ChannelId } from './pack.ts';

/** What a ring-around is made of: one thing in even steps, on one sheet. */
export interface RingChoices {
  /** The channel that is moved; nothing for the time. */
  readonly channel?: ChannelId;
  /** Between patches: units of the channel, or stops of time. */
  readonly step: number;
  /** An odd number, 3 to 9: the middle one is the print as it stands. */
  readonly patches: number;
}

/** One patch of it. */
export interface RingPatch {
  readonly pack: FilterPack;
  readonly seconds: number;
}

const LEAST = 3;
const MOST = 9;

/** A pack that is moved in one channel by so much, with its time; grey is left in, so that steps stay even. */
const movedBy = (
  { pack, seconds }: RingPatch,
  { channel }: RingChoices,
  amount: number,
  head: ColourHead,
): RingPatch => {
  if (channel === undefined) return { pack, seconds: seconds * 2 ** amount };
  const moved = eachChannel((id) => pack[id] + (id === channel ? amount : 0));
  return { pack: moved, seconds: seconds * 2 ** (packStops(moved, head) - packStops(pack, head)) };
};

/**
 * A ring-around on one sheet: patches of one channel in even steps, each with its own time; or of the time.
 * @param middle the print as it stands: pack in units, seconds
 * @param choices what is moved, by how much, how many patches
 * @param head stops of ten units, each channel
 * @returns the patches, the least first
 * @throws Refusal `ring` for an even number, too many, no step, or a filter below zero
 * @source even steps; t·2^(Σ k·Δ)
 * @example
 * ringAround({ pack: { c: 0, m: 44, y: 58 }, seconds: 11.5 }, { channel: "m", step: 5, patches: 5 }, { c: 0.07, m: 0.09, y: 0.02 })[0].seconds // ≈ 10.80
 */
export function ringAround(middle: RingPatch, choices: RingChoices, head: ColourHead): RingPatch[] {
  const { channel, step, patches } = choices;
  if (!(Number.isInteger(patches) && patches % 2 === 1 && patches >= LEAST && patches <= MOST)) {
    throw new Refusal(
      'ring',
      '/patches',
      `A ring-around has ${LEAST}, 5, 7 or ${MOST} patches: the middle one is the print as it stands.`,
    );
  }
  if (!(step > 0)) {
    throw new Refusal('ring', '/step', 'Give the step between two patches, as 5 units or ¼ stop.');
  }
  const half = (patches - 1) / 2;
  const lowest = channel === undefined ? 0 : middle.pack[channel] - half * step;
  if (lowest < 0) {
    throw new Refusal(
      'ring',
      '/step',
      `The first patch would have −${-lowest} ${channel!.toUpperCase()}, and a filter does not go below 0: a smaller step, fewer patches, or another channel.`,
    );
  }
  return sound(
    Array.from({ length: patches }, (_, at) => movedBy(middle, choices, (at - half) * step, head)),
  );
}

/**
 * What was picked of a ring-around; between two patches counts.
 * @param middle the print as it stands
 * @param choices as the ring was made
 * @param position of the pick: 0 is the first patch, a half is between two
 * @param head stops of ten units, each channel
 * @returns the pack without grey, and its time, s
 * @throws Refusal `ring` as `ringAround`, and for a pick outside of it
 * @source even steps; t·2^(Σ k·Δ)
 * @example
 * pickOfRing({ pack: { c: 0, m: 44, y: 58 }, seconds: 11.5 }, { channel: "m", step: 5, patches: 5 }, 2.5, { c: 0.07, m: 0.09, y: 0.02 }).pack.m // = 46.5
 */
export function pickOfRing(
  middle: RingPatch,
  choices: RingChoices,
  position: number,
  head: ColourHead,
): RingPatch {
  const patches = ringAround(middle, choices, head);
  if (!(position >= 0 && position <= patches.length - 1)) {
    throw new Refusal('ring', '/position', 'Pick a patch of the ring-around, or between two.');
  }
  const half = (patches.length - 1) / 2;
  const { pack, seconds } = movedBy(middle, choices, (position - half) * choices.step, head);
  const changed = changePack(pack, pack, seconds, head);
  return { pack: changed.pack, seconds: changed.seconds };
}
