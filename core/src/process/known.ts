import { agitationSchemes } from '../film/agitation/index.ts';
import type { ProcessEvent } from './event.ts';
import type { ProcessPlan } from './plan.ts';
import { isStepKind } from './step-kinds/index.ts';

type Check = (value: unknown) => boolean;

const isText: Check = (value) => typeof value === 'string' && value !== '';
const isNumber: Check = (value) => typeof value === 'number' && Number.isFinite(value);
const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** What each kind of event has to say. */
const events: { readonly [Kind in ProcessEvent['kind']]: Readonly<Record<string, Check>> } = {
  'poured-in': { stepId: isText },
  'poured-earlier': { stepId: isText, seconds: isNumber },
  retimed: { stepId: isText, seconds: isNumber },
  skipped: { stepId: isText },
  temperature: { temperatureC: isNumber },
  note: { text: isText },
  finished: {},
  undone: { eventId: isText },
};

/**
 * Is something an event that a process can read? For what comes from a place where anything may lie.
 * @param value anything
 * @returns true for an event of a known kind with all that its kind says
 * @source this folder's events
 * @example
 * isProcessEvent({ id: "a", atMs: 1, kind: "paused" }) // = false
 */
export function isProcessEvent(value: unknown): value is ProcessEvent {
  if (!isRecord(value) || !isText(value.id) || !isNumber(value.atMs)) return false;
  if (typeof value.kind !== 'string' || !Object.hasOwn(events, value.kind)) return false;
  const checks = events[value.kind as ProcessEvent['kind']];
  return Object.entries(checks).every(([field, check]) => check(value[field]));
}

/** A scheme known by its id, or one of one's own. */
const isAgitation: Check = (value) =>
  agitationSchemes.some(({ id }) => id === value) ||
  (isRecord(value) &&
    isText(value.name) &&
    [value.initialSeconds, value.everySeconds, value.burstSeconds, value.turns].every(isNumber));

/**
 * Is something a plan that a process can follow? For what comes from a place where anything may lie.
 * @param value anything
 * @returns true for at least one step, each of a known kind with a time and a known agitation
 * @source this folder's plans
 * @example
 * isProcessPlan({ steps: [] }) // = false
 */
export function isProcessPlan(value: unknown): value is ProcessPlan {
  if (!isRecord(value) || !Array.isArray(value.steps) || value.steps.length === 0) return false;
  return (
    isNumber(value.drainSeconds) &&
    value.steps.every(
      (step) =>
        isRecord(step) &&
        isText(step.id) &&
        isStepKind(step.kind) &&
        isNumber(step.seconds) &&
        isAgitation(step.agitation),
    )
  );
}
