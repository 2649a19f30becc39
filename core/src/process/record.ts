import { sound } from '../quantity/sound.ts';
import { eventsThatCount, type ProcessEvent } from './event.ts';
import type { ProcessPlan, ProcessStep } from './plan.ts';

/** What became of one step of the plan. */
export interface StepRecord {
  /** The step with the time in force: the plan's, or the one it was given during the run. */
  readonly step: ProcessStep;
  readonly plannedSeconds: number;
  /** Time given on top by hand, s; counted in the step's time. */
  readonly extraSeconds: number;
  /** It was left out on purpose. */
  readonly skipped: boolean;
  /** When its clock started; undefined while it has not been poured in (or was skipped). */
  readonly startedAtMs?: number;
  /** When the next bath went in, or the process was finished. */
  readonly endedAtMs?: number;
}

/** A temperature that was read, and the step that was under way then. */
export interface TemperatureReading {
  readonly atMs: number;
  readonly temperatureC: number;
  readonly stepId?: string;
}

/** What really happened, against the plan. */
export interface ProcessRecord {
  readonly steps: readonly StepRecord[];
  readonly temperatures: readonly TemperatureReading[];
  readonly notes: readonly { readonly atMs: number; readonly text: string }[];
  readonly finishedAtMs?: number;
}

/**
 * Reads a log into what happened to each step. A bath ends when the next one goes in; "poured earlier" moves a start
 * back, but never before the start of the bath before it; "retimed" gives a step another time from then on; a
 * step that was skipped does not come next.
 * @param plan the steps
 * @param events in any order
 * @returns starts and ends in ms, readings and notes
 * @source the log keeps real instants
 * @example
 * processRecord(sheetPlan(), [{ id: "a", atMs: 5000, kind: "poured-in", stepId: "print-developer" }]).steps[0].startedAtMs // = 5000
 */
export function processRecord(plan: ProcessPlan, events: readonly ProcessEvent[]): ProcessRecord {
  sound(events);
  const starts = new Map<string, number>();
  const order = plan.steps.map((step) => step.id);
  const retimed = new Map<string, number>();
  const extra = new Map<string, number>();
  const skipped = new Set<string>();
  let latest = -1;
  let finishedAtMs: number | undefined;
  const temperatures: TemperatureReading[] = [];
  const notes: { atMs: number; text: string }[] = [];
  const startBefore = (index: number) =>
    Math.max(-Infinity, ...order.slice(0, index).map((id) => starts.get(id) ?? -Infinity));

  const readers: {
    [Kind in ProcessEvent['kind']]: (event: ProcessEvent & { kind: Kind }) => void;
  } = {
    'poured-in': ({ stepId, atMs }) => {
      const index = order.indexOf(stepId);
      if (index <= latest || finishedAtMs !== undefined) return;
      latest = index;
      starts.set(stepId, atMs);
    },
    'poured-earlier': ({ stepId, atMs, seconds }) => {
      const index = order.indexOf(stepId);
      if (index === -1 || index !== latest) return;
      starts.set(stepId, Math.max(atMs - seconds * 1000, startBefore(index)));
    },
    retimed: ({ stepId, seconds, because }) => {
      if (because === 'extra') {
        const before = retimed.get(stepId) ?? plan.steps[order.indexOf(stepId)]?.seconds ?? 0;
        extra.set(stepId, (extra.get(stepId) ?? 0) + seconds - before);
      }
      retimed.set(stepId, seconds);
    },
    skipped: ({ stepId }) => skipped.add(stepId),
    temperature: ({ atMs, temperatureC, stepId: read }) => {
      const stepId = read ?? order[latest];
      temperatures.push({ atMs, temperatureC, ...(stepId !== undefined && { stepId }) });
    },
    note: ({ atMs, text }) => notes.push({ atMs, text }),
    finished: ({ atMs }) => {
      if (latest >= 0) finishedAtMs ??= atMs;
    },
    undone: () => undefined,
  };
  for (const event of eventsThatCount(events)) {
    (readers[event.kind] as (event: ProcessEvent) => void)(event);
  }

  const steps = plan.steps.map((planned, index): StepRecord => {
    const step = { ...planned, seconds: retimed.get(planned.id) ?? planned.seconds };
    const left = skipped.has(step.id) && !starts.has(step.id);
    const extraSeconds = extra.get(step.id) ?? 0;
    const base = { step, plannedSeconds: planned.seconds, extraSeconds, skipped: left };
    const startedAtMs = starts.get(step.id);
    if (startedAtMs === undefined) return base;
    const next = order
      .slice(index + 1)
      .map((id) => starts.get(id))
      .find((start) => start !== undefined);
    const endedAtMs = next ?? finishedAtMs;
    return endedAtMs === undefined ? { ...base, startedAtMs } : { ...base, startedAtMs, endedAtMs };
  });
  return finishedAtMs === undefined
    ? { steps, temperatures, notes }
    : { steps, temperatures, notes, finishedAtMs };
}
