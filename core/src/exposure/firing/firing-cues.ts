import { Refusal } from '../../refusal.ts';
/** What is heard while one firing is counted in and given. */
export type FiringCueKind = 'count-in' | 'lamp-on' | 'beat' | 'lamp-off';

/** One sound of a firing. */
export interface FiringCue {
  readonly kind: FiringCueKind;
  /** From the touch that started the firing, s. */
  readonly atSeconds: number;
}

/** Beats before the light, so that the hands and the card are in place. */
export const COUNT_IN_BEATS = 3;
/** A metronome beats seconds. */
const BEAT = 1;
/** s */
const LONGEST_SECONDS = 86_400;
const MOST_BEATS = 60;
/** A beat this near to the end would run into the sound that ends the firing, s. */
const CLEAR_OF_END = 0.15;

/**
 * The sounds of one firing: a count-in, the light, a beat each second, the end.
 * @param dialSeconds how long the lamp is on, s
 * @param countInBeats beats of a second before the light
 * @returns cues in order, each in s from the touch
 * @throws Refusal `firing` unless the time is more than zero
 * @source a metronome beats the seconds; counting in puts the hands in place
 * @example
 * firingCues(2.3, 1).map(({ kind, atSeconds }) => `${kind} ${atSeconds}`) // = ["count-in 0", "lamp-on 1", "beat 2", "beat 3", "lamp-off 3.3"]
 */
export function firingCues(dialSeconds: number, countInBeats = COUNT_IN_BEATS): FiringCue[] {
  if (!(dialSeconds > 0 && dialSeconds <= LONGEST_SECONDS)) {
    throw new Refusal('firing', '/dialSeconds', 'A firing takes more than 0 s, and at most a day.');
  }
  if (!(countInBeats >= 0 && countInBeats <= MOST_BEATS)) {
    throw new Refusal('firing', '/countInBeats', 'A count-in is of none to sixty beats.');
  }
  const on = countInBeats * BEAT;
  const beats = Math.ceil((dialSeconds - CLEAR_OF_END) / BEAT) - 1;
  const cue = (kind: FiringCueKind, atSeconds: number): FiringCue => ({ kind, atSeconds });
  return [
    ...Array.from({ length: countInBeats }, (_, n) => cue('count-in', n * BEAT)),
    cue('lamp-on', on),
    ...Array.from({ length: Math.max(0, beats) }, (_, n) => cue('beat', on + (n + 1) * BEAT)),
    cue('lamp-off', on + dialSeconds),
  ];
}
