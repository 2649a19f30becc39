import type { Cue, ProcessEvent, ProcessPlan } from '@katachron/core';

/** How far ahead cues are put on the audio timeline, ms: a page that stalls for this long still sounds on time. */
export const CUE_WINDOW_MS = 10_000;

/** How far back cues are told once more, ms. */
export const CUE_BEFORE_MS = 500;

/** A process that the clock follows. */
export interface Clocked {
  readonly id: string;
  readonly plan: ProcessPlan;
  readonly events: readonly ProcessEvent[];
}

/** What the worker says some times a second. */
export interface ClockTick {
  readonly nowMs: number;
  /** Every cue of the window ahead, and of the moment before, for the voice that follows the beep. */
  readonly cues: readonly Cue[];
}
