import { bursts } from './bursts.ts';
import type { ProcessEvent } from './event.ts';
import type { ProcessPlan, ProcessStep } from './plan.ts';
import { processRecord, type ProcessRecord } from './record.ts';
import { stepKind } from './step-kinds/index.ts';

/** How long before pouring out the next bath should be at hand, s. */
export const FETCH_LEAD_SECONDS = 30;

/** The share of the development after which its temperature is worth a look. */
const READ_AFTER = 0.5;
/** The next turn is looked for this far ahead; no scheme rests longer, s. */
const LOOK_AHEAD_SECONDS = 7200;
/** A development shorter than this is over before a reading could help, s. */
const LEAST_FOR_READING = 120;

/** What the hands do now. */
export type Hands = 'pour-in' | 'agitate' | 'rest' | 'pour-out' | 'over' | 'wait-in-water' | 'done';

/** The process at one instant. Seconds are from the start of the current step. */
export interface ProcessMoment {
  readonly hands: Hands;
  readonly record: ProcessRecord;
  /** The step under way; undefined before the first and after the last. */
  readonly current?: {
    readonly index: number;
    readonly step: ProcessStep;
    readonly startedAtMs: number;
    readonly elapsedSeconds: number;
    /** Negative when the time has run over. */
    readonly remainingSeconds: number;
    /** When the tank is moved next, s from the start of the step; undefined when never again. */
    readonly nextBurstSeconds?: number;
    /** When the next bath should be at hand. */
    readonly fetchSeconds: number;
    readonly pourOutSeconds: number;
    /** From here on light no longer fogs the film; not there in a bath that does not fix. */
    readonly lightSafeSeconds?: number;
    /** When the developer's temperature should be read again; undefined once it was, and in other baths. */
    readonly readSeconds?: number;
  };
  /** What goes in next; undefined in the last step. */
  readonly next?: { readonly index: number; readonly step: ProcessStep };
}

/**
 * What is happening at an instant. A bath has no pause: its time counts on past its end until the next one is in.
 * @param plan the steps
 * @param events so far, in any order
 * @param atMs the instant, ms since the epoch
 * @returns the step under way, what is left, what the hands do, what comes next
 * @source the process itself; nothing here has a clock of its own
 * @example
 * processMoment(sheetPlan(), [{ id: "a", atMs: 0, kind: "poured-in", stepId: "print-developer" }], 20000).current.remainingSeconds // = 40
 */
export function processMoment(
  plan: ProcessPlan,
  events: readonly ProcessEvent[],
  atMs: number,
): ProcessMoment {
  const record = processRecord(plan, events);
  if (record.finishedAtMs !== undefined) return { hands: 'done', record };
  const index = record.steps.findLastIndex((step) => step.startedAtMs !== undefined);
  const following = record.steps.findIndex((step, place) => place > index && !step.skipped);
  const next =
    following === -1 ? {} : { next: { index: following, step: record.steps[following]!.step } };
  if (index === -1) return { hands: 'pour-in', record, ...next };

  const { step, startedAtMs } = record.steps[index]! as { step: ProcessStep; startedAtMs: number };
  const elapsedSeconds = Math.max(0, (atMs - startedAtMs) / 1000);
  const remainingSeconds = step.seconds - elapsedSeconds;
  const pourOutSeconds = Math.max(0, step.seconds - plan.drainSeconds);
  const opensAfter = stepKind(step.kind).opensToLightAfter;
  const moves = bursts(
    step,
    plan.drainSeconds,
    elapsedSeconds,
    elapsedSeconds + LOOK_AHEAD_SECONDS,
  );
  const moving = moves.some(({ startSeconds }) => startSeconds <= elapsedSeconds);
  const upcoming = moves.find(({ startSeconds }) => startSeconds > elapsedSeconds);
  return {
    hands: handsAt({ step, elapsedSeconds, pourOutSeconds, moving }),
    record,
    current: {
      index,
      step,
      startedAtMs,
      elapsedSeconds,
      remainingSeconds,
      ...(upcoming && { nextBurstSeconds: upcoming.startSeconds }),
      fetchSeconds: Math.max(0, pourOutSeconds - FETCH_LEAD_SECONDS),
      pourOutSeconds,
      ...(opensAfter !== null && { lightSafeSeconds: step.seconds * opensAfter }),
      ...(asksForReading(step, record) && { readSeconds: step.seconds * READ_AFTER }),
    },
    ...next,
  };
}

function handsAt(now: {
  step: ProcessStep;
  elapsedSeconds: number;
  pourOutSeconds: number;
  moving: boolean;
}): Hands {
  if (now.elapsedSeconds >= now.step.seconds) {
    return stepKind(now.step.kind).water ? 'wait-in-water' : 'over';
  }
  if (now.elapsedSeconds >= now.pourOutSeconds) return 'pour-out';
  return now.moving ? 'agitate' : 'rest';
}

function asksForReading(step: ProcessStep, record: ProcessRecord): boolean {
  return (
    step.kind === 'developer' &&
    step.seconds >= LEAST_FOR_READING &&
    !record.temperatures.some(({ stepId }) => stepId === step.id)
  );
}
