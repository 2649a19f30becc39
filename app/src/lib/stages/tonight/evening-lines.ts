import type { EveningPlan } from '@katachron/core';
import { format } from 'date-fns';
import type { NamedTask } from './evening-tasks.ts';

/** A time at which nobody's hands are there. */
export interface Dinner {
  readonly fromMs: number;
  readonly toMs: number;
}

/** A step on the list: "19:40 develop, R-123". */
export interface EveningLine {
  readonly key: string;
  readonly taskId: string;
  readonly stepId: string;
  readonly from: string;
  readonly to: string;
  readonly step: string;
  readonly task: string;
  /** Nobody has to do anything. */
  readonly byItself: boolean;
  /** It has begun; and it is over: it stands where it was. */
  readonly begun: boolean;
  readonly done: boolean;
  /** Where it is done. */
  readonly href?: string | undefined;
  /** The first of its task: there it is moved. */
  readonly first: boolean;
}

/** A time of the evening: "19:40". */
export const clock = (beginMs: number, seconds: number) =>
  format(beginMs + seconds * 1000, 'HH:mm');

type LineOf = Pick<EveningLine, 'key' | 'taskId' | 'step' | 'task'> & Partial<EveningLine>;

/** What is to be begun next by somebody's hands. */
export const nextLine = (lines: readonly EveningLine[]): EveningLine | undefined =>
  lines.find(({ begun, byItself, taskId }) => !begun && !byItself && taskId !== '');

/** The plan as a list in the order of time, with what of the evening is over already, and dinner. */
export function eveningLines(
  plan: EveningPlan,
  tasks: readonly NamedTask[],
  beginMs: number,
  { over = [], dinner }: { over?: readonly NamedTask[]; dinner?: Dinner | undefined } = {},
): EveningLine[] {
  const line = (from: number, to: number, of: LineOf) => ({
    ...{ stepId: '', byItself: false, first: false, begun: from <= 0, ...of },
    ...{ at: from, from: clock(beginMs, from), to: clock(beginMs, to), done: to <= 0 },
  });
  const planned = plan.steps.flatMap(({ taskId, stepId, fromSeconds, toSeconds }) => {
    const task = tasks.find(({ id }) => id === taskId);
    const at = task?.steps.findIndex(({ id }) => id === stepId) ?? -1;
    const step = task?.steps[at];
    if (!task || !step) return [];
    return [
      line(fromSeconds, toSeconds, {
        ...{ key: `${taskId} ${stepId}`, taskId, stepId, step: step.name, task: task.name },
        ...{ byItself: !step.needs.includes('hands'), first: at === 0 },
        begun: at < (task.begunSeconds?.length ?? 0),
        href: stepId === 'load' ? (task.loadHref ?? task.href) : task.href,
      }),
    ];
  });
  const past = over.flatMap(({ id, name, steps, begunSeconds = [] }) =>
    begunSeconds.map((from, at) => {
      const { id: stepId, name: step, seconds } = steps[at]!;
      const key = `over ${id} ${stepId}`;
      return line(from, Math.min(0, from + seconds), { key, taskId: id, step, task: name });
    }),
  );
  const away = dinner
    ? [
        line((dinner.fromMs - beginMs) / 1000, (dinner.toMs - beginMs) / 1000, {
          ...{ key: 'dinner', taskId: '', step: 'dinner', task: '' },
        }),
      ]
    : [];
  return [...past, ...planned, ...away]
    .toSorted((one, other) => one.at - other.at)
    .map(({ at: _at, ...rest }) => rest);
}
