import {
  processRecord,
  sheetExtras,
  sheetPlan,
  stepKind,
  type PaperBase,
  type ProcessEvent,
  type ProcessPlan,
} from '@katachron/core';
import { clockTime } from '../../words/duration.ts';

/** The trays that a sheet went through: the usual ones, and those besides in which it lay. */
export function traysOf(base: PaperBase | undefined, events: readonly ProcessEvent[]): ProcessPlan {
  const lay = (kind: string) => events.some((event) => 'stepId' in event && event.stepId === kind);
  const also = sheetExtras.filter(({ kinds }) => kinds.some(lay)).map(({ id }) => id);
  return sheetPlan('print', base, also);
}

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
