import { processRecord, stepKind, type ProcessEvent } from '@katachron/core';
import type { PlannedRoll } from '../../nouns/roll/contract.ts';
import { clockTime } from '../../words/duration.ts';
import { degrees, type Unit } from '../../words/temperature.ts';

/** A step of the plan beside what became of it. */
export interface StepLine {
  readonly id: string;
  readonly name: string;
  readonly planned: string;
  readonly real: string;
  readonly difference: string;
  readonly startedAtMs?: number;
}

/** One entry of the log, nothing left out: what was taken back is there too. */
export interface LogLine {
  readonly id: string;
  readonly atMs: number;
  readonly words: string;
  readonly takenBack: boolean;
}

/** Planned and real times, step by step. */
export function stepLines(roll: PlannedRoll, events: readonly ProcessEvent[]): StepLine[] {
  return processRecord(roll.plan, events).steps.map(
    ({ step, plannedSeconds, skipped, startedAtMs, endedAtMs }) => {
      const real =
        startedAtMs !== undefined && endedAtMs !== undefined
          ? (endedAtMs - startedAtMs) / 1000
          : undefined;
      const off = real === undefined ? 0 : Math.round(real - step.seconds);
      return {
        id: step.id,
        name: stepKind(step.kind).name,
        planned:
          step.seconds === plannedSeconds
            ? clockTime(plannedSeconds)
            : `${clockTime(plannedSeconds)} → ${clockTime(step.seconds)}`,
        real:
          real !== undefined
            ? clockTime(real)
            : startedAtMs === undefined
              ? skipped
                ? 'left out'
                : 'not poured'
              : 'in it now',
        difference: off === 0 ? '' : `${off > 0 ? '+' : '−'}${clockTime(Math.abs(off))}`,
        ...(startedAtMs !== undefined && { startedAtMs }),
      };
    },
  );
}

/** Every event in words, oldest first. */
export function logLines(
  roll: PlannedRoll,
  events: readonly ProcessEvent[],
  unit: Unit,
): LogLine[] {
  const nameOf = (stepId: string) => {
    const step = roll.plan.steps.find(({ id }) => id === stepId);
    return step ? stepKind(step.kind).name : stepId;
  };
  const undone = new Set(events.flatMap((e) => (e.kind === 'undone' ? [e.eventId] : [])));
  const says: { [Kind in ProcessEvent['kind']]: (event: ProcessEvent & { kind: Kind }) => string } =
    {
      'poured-in': ({ stepId }) => `${nameOf(stepId)} went in`,
      'poured-earlier': ({ stepId, seconds }) =>
        `${nameOf(stepId)} had gone in ${clockTime(seconds)} before`,
      retimed: ({ stepId, seconds, because }) =>
        because === 'extra'
          ? `${nameOf(stepId)} given longer, to ${clockTime(seconds)}`
          : `${nameOf(stepId)} to end at ${clockTime(seconds)}, by its temperature`,
      skipped: ({ stepId }) => `${nameOf(stepId)} left out`,
      temperature: ({ temperatureC, by }) =>
        by === undefined
          ? `${degrees(temperatureC, unit)} read`
          : `${degrees(temperatureC, unit)}, read by ${by} and corrected`,
      note: ({ text }) => text,
      finished: () => 'Finished',
      undone: () => 'Taken back',
    };
  return [...events]
    .sort((a, b) => a.atMs - b.atMs)
    .map((event) => ({
      id: event.id,
      atMs: event.atMs,
      words: (says[event.kind] as (event: ProcessEvent) => string)(event),
      takenBack: undone.has(event.id),
    }));
}
