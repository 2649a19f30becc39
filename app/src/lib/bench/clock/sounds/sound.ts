import type { CueKind, ProcessStep, Vessel } from '@katachron/core';

/** One beep of a cue's sound. */
export interface Beep {
  /** From the cue's instant, s. */
  readonly startSeconds: number;
  readonly lengthSeconds: number;
  readonly frequencyHz: number;
}

/** What a spoken cue may name. */
export interface SpokenContext {
  readonly step: ProcessStep;
  readonly next?: ProcessStep;
  readonly vessel: Vessel;
}

/** How a kind of cue sounds, told apart by rhythm as much as by pitch: fans and running water eat pitch. */
export interface CueSound {
  readonly kind: CueKind;
  readonly beeps: readonly Beep[];
  /** What a voice says; nothing where the beep says enough. */
  readonly says: (context: SpokenContext) => string;
}
