import { bursts } from './bursts.ts';
import type { ProcessEvent } from './event.ts';
import { processMoment } from './moment.ts';
import type { ProcessPlan } from './plan.ts';
import { stepKind } from './step-kinds/index.ts';

/** What a cue says: hands on the tank, move, rest, read the temperature, light is safe, have the next bath ready, pour out, time is up, still over. */
export type CueKind =
  | 'lead-in'
  | 'agitate'
  | 'rest'
  | 'read-temperature'
  | 'light-safe'
  | 'fetch-next'
  | 'pour-out'
  | 'time-up'
  | 'over';

/** Something to be heard at an instant. Its id is the same however often it is worked out. */
export interface Cue {
  readonly id: string;
  readonly kind: CueKind;
  readonly atMs: number;
  readonly stepId: string;
}

/** How long before a turn the hands are called to the tank, s. */
export const LEAD_IN_SECONDS = 3;

/** How often an overrun bath calls, s. */
const OVER_EVERY_SECONDS = 15;
/** For how long it goes on calling, s. */
const OVER_FOR_SECONDS = 600;

/**
 * The cues of the step under way, from one instant to another.
 * @param plan the steps
 * @param events so far
 * @param fromMs the first instant, ms since the epoch, inclusive
 * @param toMs the last instant, ms since the epoch, exclusive
 * @returns cues in the order of their instants
 * @source bursts, the fetch lead of 30 s, the drain time, and the end of the step
 * @example
 * cuesBetween(sheetPlan(), [{ id: "a", atMs: 0, kind: "poured-in", stepId: "print-developer" }], 1, 60001).map((cue) => cue.kind) // = ["fetch-next", "pour-out", "time-up"]
 */
export function cuesBetween(
  plan: ProcessPlan,
  events: readonly ProcessEvent[],
  fromMs: number,
  toMs: number,
): Cue[] {
  const { current } = processMoment(plan, events, fromMs);
  if (!current) return [];
  const { step, startedAtMs, fetchSeconds, pourOutSeconds } = current;
  const cues: Cue[] = [];
  const add = (kind: CueKind, seconds: number) => {
    const atMs = startedAtMs + Math.round(seconds * 1000);
    if (atMs >= fromMs && atMs < toMs) {
      cues.push({
        id: `${step.id}:${startedAtMs}:${kind}:${seconds}`,
        kind,
        atMs,
        stepId: step.id,
      });
    }
  };
  const since = (ms: number) => (ms - startedAtMs) / 1000;
  // The hands are called a moment before a turn, so that one just past the window may still have its call in it.
  const ahead = since(toMs) + LEAD_IN_SECONDS;
  for (const burst of bursts(step, plan.drainSeconds, since(fromMs) - 1, ahead)) {
    if (burst.startSeconds > LEAD_IN_SECONDS) add('lead-in', burst.startSeconds - LEAD_IN_SECONDS);
    add('agitate', burst.startSeconds);
    if (burst.endSeconds < pourOutSeconds) add('rest', burst.endSeconds);
  }
  const { lightSafeSeconds, readSeconds } = current;
  if (lightSafeSeconds !== undefined) add('light-safe', lightSafeSeconds);
  if (readSeconds !== undefined) add('read-temperature', readSeconds);
  if (fetchSeconds > 0) add('fetch-next', fetchSeconds);
  if (pourOutSeconds > 0) add('pour-out', pourOutSeconds);
  add('time-up', step.seconds);
  if (!stepKind(step.kind).water) {
    for (let over = OVER_EVERY_SECONDS; over <= OVER_FOR_SECONDS; over += OVER_EVERY_SECONDS) {
      add('over', step.seconds + over);
    }
  }
  return cues.sort((a, b) => a.atMs - b.atMs);
}
