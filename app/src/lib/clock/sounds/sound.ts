import type { CueKind } from '@katachron/core';

/** One beep of a cue's sound. */
export interface Beep {
  /** From the cue's instant, s. */
  readonly startSeconds: number;
  readonly lengthSeconds: number;
  readonly frequencyHz: number;
}

/** How a kind of cue sounds, told apart by rhythm as much as by pitch: fans and running water eat pitch. */
export interface CueSound {
  readonly kind: CueKind;
  readonly beeps: readonly Beep[];
}
