import type { EveningPlan } from '@katachron/core';
import { addDays, format, startOfDay, subHours } from 'date-fns';
import { createEvents, type DateArray, type EventAttributes } from 'ics';
import type { NamedTask } from './evening-tasks.ts';
import { eveningLines } from './evening-lines.ts';

const instant = (atMs: number): DateArray => {
  const at = new Date(atMs);
  return [
    ...([at.getUTCFullYear(), at.getUTCMonth() + 1, at.getUTCDate()] as const),
    ...([at.getUTCHours(), at.getUTCMinutes()] as const),
  ];
};
const day = (atMs: number): DateArray => {
  const at = startOfDay(atMs);
  return [at.getFullYear(), at.getMonth() + 1, at.getDate()];
};
/** An evening goes on past midnight for so long. */
const NIGHT_HOURS = 6;
const inUtc = { startInputType: 'utc', startOutputType: 'utc', endInputType: 'utc' } as const;

/** An evening as iCalendar: its tasks with their steps, what hangs to dry and until when, and what is judged the day after. */
export function eveningCalendar(
  plan: EveningPlan,
  tasks: readonly NamedTask[],
  beginMs: number,
): string {
  const lines = eveningLines(plan, tasks, beginMs);
  const at = (seconds: number) => instant(beginMs + seconds * 1000);
  // Planned once more, of the same evening, an event is the same one: a calendar replaces it.
  const evening = format(subHours(beginMs, NIGHT_HOURS), 'yyyyMMdd');
  const events = tasks.flatMap(({ id, name, steps, judgedDry }): EventAttributes[] => {
    const placed = plan.steps.filter(({ taskId }) => taskId === id);
    if (placed.length === 0) return [];
    const staying = placed.filter(
      ({ stepId }) => !steps.find((step) => step.id === stepId)?.outlasts,
    );
    const after = placed.filter((one) => !staying.includes(one));
    const uid = (part: string) => `${id.replaceAll(/[^\w-]/g, '-')}-${part}-${evening}@katachron`;
    return [
      {
        ...{ uid: uid('work'), title: name, ...inUtc },
        start: at(Math.min(...staying.map((one) => one.fromSeconds))),
        end: at(Math.max(...staying.map((one) => one.toSeconds))),
        description: lines
          .filter(({ taskId }) => taskId === id)
          .map(({ from, step }) => `${from} ${step}`)
          .join('\n'),
      },
      ...after.map(({ fromSeconds, toSeconds }) => ({
        ...{ uid: uid('dry'), title: `Hangs to dry: ${name}`, ...inUtc },
        ...{ start: at(fromSeconds), end: at(toSeconds) },
        description: 'Then cut it and sleeve it.',
      })),
      ...(judgedDry
        ? [
            {
              ...{ uid: uid('judge'), title: `Judge it dry: ${name}` },
              start: day(addDays(beginMs, 1).getTime()),
              end: day(addDays(beginMs, 2).getTime()),
              description: 'In viewing light, against the one before.',
            },
          ]
        : []),
    ];
  });
  const { error, value } = createEvents(events, {
    productId: 'katachron',
    calName: 'An evening in the darkroom',
  });
  if (error) throw error;
  return value ?? '';
}
