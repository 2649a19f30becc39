import type { Cue, ProcessEvent, ProcessPlan } from '@katachron/core';

/** How far ahead cues are put on the audio timeline, ms: a page that stalls for this long still sounds on time. */
export const CUE_WINDOW_MS = 10_000;

/** A process that the clock follows. */
export interface Clocked {
  readonly id: string;
  readonly plan: ProcessPlan;
  readonly events: readonly ProcessEvent[];
}

/** What the worker says ten times a second. */
export interface ClockTick {
  readonly nowMs: number;
  /** Every cue of the window ahead. */
  readonly cues: readonly Cue[];
}
