import type { ProcessPlan, ProcessStep } from './plan.ts';
import type { ProcessRecord } from './record.ts';
import { stepKind } from './step-kinds/index.ts';

/** What a process that is over lacks. */
export interface ProcessOutcome {
  /** Steps that never came, though nobody left them out. */
  readonly missing: readonly ProcessStep[];
  /** It never reached a fixer: what was in it is not fast to light, and not done. */
  readonly stopped: boolean;
}

/**
 * Whether a process went all the way, or was ended before.
 * @param record what happened
 * @returns the steps that are missing, and whether it was stopped before any fix
 * @source what is not fixed is not done
 * @example
 * processOutcome(processRecord(sheetPlan(), [{ id: "a", atMs: 0, kind: "poured-in", stepId: "print-developer" }, { id: "b", atMs: 1000, kind: "finished" }])).stopped // = true
 */
export function processOutcome(record: ProcessRecord): ProcessOutcome {
  const never = record.steps.filter(({ startedAtMs }) => startedAtMs === undefined);
  const fixes = record.steps.filter(({ step }) => stepKind(step.kind).opensToLightAfter !== null);
  return {
    missing: never.filter(({ skipped }) => !skipped).map(({ step }) => step),
    stopped: fixes.length > 0 && fixes.every(({ startedAtMs }) => startedAtMs === undefined),
  };
}

const DAY_SECONDS = 86_400;
/** Nobody stays in the darkroom for longer than this many times the plan, and a day. */
const TIMES_THE_PLAN = 3;

/**
 * Whether a process that was begun must have been forgotten.
 * @param plan the steps
 * @param record what happened
 * @param atMs now, ms since the epoch
 * @returns true for one that is still open after three times its plan and a day
 * @source nobody's evening is that long
 * @example
 * isForgotten(sheetPlan(), processRecord(sheetPlan(), [{ id: "a", atMs: 0, kind: "poured-in", stepId: "print-developer" }]), 9e7) // = true
 */
export function isForgotten(plan: ProcessPlan, record: ProcessRecord, atMs: number): boolean {
  const startedAtMs = record.steps.find((step) => step.startedAtMs !== undefined)?.startedAtMs;
  if (startedAtMs === undefined || record.finishedAtMs !== undefined) return false;
  const planned = plan.steps.reduce((sum, { seconds }) => sum + seconds, 0);
  return (atMs - startedAtMs) / 1000 > TIMES_THE_PLAN * planned + DAY_SECONDS;
}
