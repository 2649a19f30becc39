import { sound } from '../quantity/sound.ts';
import { addStops, halfwayBetween } from '../quantity/stops.ts';
import { Refusal } from '../refusal.ts';

/** The time a pick stands for, with the bracket that holds the truth when the eye is exact. */
export interface PickReading {
  readonly seconds: number;
  readonly lowSeconds: number;
  readonly highSeconds: number;
  /** Half the bracket, stops. */
  readonly withinStops: number;
  /** The pick is an end of the strip, so the right exposure may lie beyond it. */
  readonly atEnd: 'lightest' | 'darkest' | null;
}

/**
 * Reads a pick: the patch that somebody judged right, or the place between two.
 * @param patchSeconds what each patch really got, s, lightest first
 * @param position index from 0; a half such as 2.5 is between two patches; of a single patch a word of `patchWords`
 * @returns seconds (the geometric mean when between two) and the bracket around it
 * @throws Refusal `pick-outside` when the strip has no such patch
 * @source geometric mean; a pick errs by at most half a patch, a pick between two by a quarter
 * @example
 * readPick([8, 16, 32], 0.5).seconds // ≈ 11.3137
 */
export function readPick(patchSeconds: readonly number[], position: number): PickReading {
  sound(patchSeconds);
  if (patchSeconds.length === 1) return readScrap(patchSeconds[0]!, position);
  const doubled = position * 2;
  if (!Number.isInteger(doubled) || position < 0 || position > patchSeconds.length - 1) {
    throw new Refusal(
      'pick-outside',
      '/position',
      `The strip has patches 1 to ${patchSeconds.length}; pick one, or between two.`,
    );
  }
  const at = (index: number) => secondsAt(patchSeconds, index);
  const margin = Number.isInteger(position) ? 0.5 : 0.25;
  const seconds = at(position);
  const atEnd =
    position === 0 ? 'lightest' : position === patchSeconds.length - 1 ? 'darkest' : null;
  // At an end nothing lies on the far side to compare with, so that side of the bracket is a whole patch wide.
  const lowSeconds = at(position - (atEnd === 'lightest' ? 1 : margin));
  const highSeconds = at(position + (atEnd === 'darkest' ? 1 : margin));
  return sound({
    seconds,
    lowSeconds,
    highSeconds,
    withinStops: Math.log2(highSeconds / lowSeconds) / 2,
    atEnd,
  });
}

/** What can be said of a strip of one patch, and where the right exposure then lies from it, stops. */
export const patchWords = [
  { position: -1, words: 'far too dark', from: -Infinity, to: -1 },
  { position: -0.5, words: 'a bit dark', from: -1, to: -1 / 6 },
  { position: 0, words: 'right', from: -1 / 6, to: 1 / 6 },
  { position: 0.5, words: 'a bit light', from: 1 / 6, to: 1 },
  { position: 1, words: 'far too light', from: 1, to: Infinity },
] as const;

/** A scrap that is far too light or too dark says no more than that; so wide is its bracket then, stops. */
const FAR = 3;

function readScrap(seconds: number, position: number): PickReading {
  const word = patchWords.find((one) => one.position === position);
  if (!word) {
    throw new Refusal(
      'pick-outside',
      '/position',
      'Say of a single patch whether it is right, too light or too dark.',
    );
  }
  const lowSeconds = addStops(seconds, Math.max(word.from, -FAR));
  const highSeconds = addStops(seconds, Math.min(word.to, FAR));
  return {
    seconds: halfwayBetween(lowSeconds, highSeconds),
    lowSeconds,
    highSeconds,
    withinStops: Math.log2(highSeconds / lowSeconds) / 2,
    atEnd: position === -1 ? 'lightest' : position === 1 ? 'darkest' : null,
  };
}

/** Exposure at a fractional index, even in stops between neighbours and carried on past the ends. */
function secondsAt(patchSeconds: readonly number[], index: number): number {
  const lower = Math.min(Math.max(Math.floor(index), 0), patchSeconds.length - 2);
  const a = patchSeconds[lower]!;
  const b = patchSeconds[lower + 1]!;
  return index - lower === 0.5 ? halfwayBetween(a, b) : a * (b / a) ** (index - lower);
}
