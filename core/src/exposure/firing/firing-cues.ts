import { sound } from '../../quantity/sound.ts';
import { Refusal } from '../../refusal.ts';
/** What is heard while one firing is counted in and given. */
export type FiringCueKind = 'count-in' | 'lamp-on' | 'beat' | 'hold' | 'let-go' | 'lamp-off';

/** One sound of a firing. */
export interface FiringCue {
  readonly kind: FiringCueKind;
  /** From the touch that started the firing, s. */
  readonly atSeconds: number;
}

/** A place is held back for a while of the light. */
export interface Held {
  /** From where the light begins, s. */
  readonly fromSeconds: number;
  readonly seconds: number;
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

/** Hands that move with the light's own beginning or end need no sound of their own, s. */
const AT_THE_EDGE = 0.1;

/** When hands begin and end to hold something back, from the touch, s. */
function handCues(held: readonly Held[], lightAt: number, offAt: number): FiringCue[] {
  const cues = held.flatMap(({ fromSeconds, seconds }): FiringCue[] => [
    { kind: 'hold', atSeconds: lightAt + fromSeconds },
    { kind: 'let-go', atSeconds: lightAt + fromSeconds + seconds },
  ]);
  return cues.filter(
    ({ atSeconds }) => atSeconds > lightAt + AT_THE_EDGE && atSeconds < offAt - AT_THE_EDGE,
  );
}

/**
 * The sounds of one firing: a count-in, the light, a beat each second, when hands have to come and go, the end.
 * @param dialSeconds how long the lamp is on, s
 * @param countInBeats beats of a second before the light
 * @param held what is held back, counted from where the light begins, s
 * @param lagSeconds how long the lamp takes to begin, s
 * @returns cues in order, each in s from the touch
 * @throws Refusal `firing` unless the time is more than zero
 * @source a metronome beats the seconds; counting in puts the hands in place
 * @example
 * firingCues(2.3, 1).map(({ kind, atSeconds }) => `${kind} ${atSeconds}`) // = ["count-in 0", "lamp-on 1", "beat 2", "beat 3", "lamp-off 3.3"]
 * firingCues(2, 0, [{ fromSeconds: 0, seconds: 1.5 }]).map(({ kind }) => kind) // = ["lamp-on", "beat", "let-go", "lamp-off"]
 */
export function firingCues(
  dialSeconds: number,
  countInBeats = COUNT_IN_BEATS,
  held: readonly Held[] = [],
  lagSeconds = 0,
): FiringCue[] {
  if (!(dialSeconds > 0 && dialSeconds <= LONGEST_SECONDS)) {
    throw new Refusal('firing', '/dialSeconds', 'A firing takes more than 0 s, and at most a day.');
  }
  if (!(countInBeats >= 0 && countInBeats <= MOST_BEATS)) {
    throw new Refusal('firing', '/countInBeats', 'A count-in is of none to sixty beats.');
  }
  sound([held, lagSeconds]);
  const on = countInBeats * BEAT;
  const off = on + dialSeconds;
  const cue = (kind: FiringCueKind, atSeconds: number): FiringCue => ({ kind, atSeconds });
  const hands = handCues(held, on + lagSeconds, off);
  const beats = Math.ceil((dialSeconds - CLEAR_OF_END) / BEAT) - 1;
  const within = [
    // A beat at the same moment would hide what the hands have to hear.
    ...Array.from({ length: Math.max(0, beats) }, (_, n) =>
      cue('beat', on + (n + 1) * BEAT),
    ).filter(({ atSeconds }) =>
      hands.every((other) => Math.abs(other.atSeconds - atSeconds) > CLEAR_OF_END),
    ),
    ...hands,
  ].sort((a, b) => a.atSeconds - b.atSeconds);
  return [
    ...Array.from({ length: countInBeats }, (_, n) => cue('count-in', n * BEAT)),
    cue('lamp-on', on),
    ...within,
    cue('lamp-off', off),
  ];
}
