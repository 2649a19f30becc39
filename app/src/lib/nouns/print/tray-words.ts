import { processRecord, stepKind, type ProcessEvent, type ProcessPlan } from '@katachron/core';
import { clockTime } from '../../words/duration.ts';

/** "Developer 2:04 of 2:00, Stop 0:31 of 0:30": a sheet's way through the trays, as it really was. */
export function trayWords(plan: ProcessPlan, events: readonly ProcessEvent[]): string {
  return processRecord(plan, events)
    .steps.flatMap(({ step, plannedSeconds, startedAtMs, endedAtMs }) => {
      if (startedAtMs === undefined) return [];
      const { name } = stepKind(step.kind);
      if (endedAtMs === undefined) return [`${name}, in it last`];
      const real = clockTime(Math.round((endedAtMs - startedAtMs) / 1000));
      return [`${name} ${real} of ${clockTime(plannedSeconds)}`];
    })
    .join(', ');
}
