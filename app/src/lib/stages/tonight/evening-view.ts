import type {
  EveningPlan,
  EveningQuestion,
  EveningTask,
  FixedPoint,
  SharedId,
} from '@katachron/core';
import { addDays, format, set } from 'date-fns';
import { Refusal } from '@katachron/core';
import { parseJson } from '../../kit/parse-json.ts';
import { countOf } from '../../words/count.ts';
import { attempt } from '../../words/attempt.ts';
import type { Unit } from '../../words/temperature.ts';
import { withWarming } from './bottles.ts';
import { tasksOf, withBegun, type Candidate, type NamedTask } from './evening-tasks.ts';
import type { Learned } from './times.ts';

/** What is typed of the evening. */
export interface EveningForm {
  /** "19:30"; empty is now. */
  begin: string;
  dinner: string;
  dinnerMinutes: string;
  out: string;
  /** What the bottles read now, in the unit that is typed in; empty is not read. */
  bottles: string;
  /** The plan as it was last made by hand, so that it can be said how much later it gets, and why. */
  promised: string;
  /** Ids that are ticked, and the order that somebody wants, each a JSON list. */
  ticked: string;
  order: string;
}
export const emptyEvening = () => ({
  ...{
    begin: '',
    dinner: '',
    dinnerMinutes: '30',
    out: '',
    bottles: '',
    ticked: '[]',
    order: '[]',
    promised: '',
  },
});

/** A time that is so long past is meant for tomorrow, ms. */
const LONG_PAST_MS = 6 * 3_600_000;

/**
 * The instant that a time of day is meant to be, ms: the next one, past midnight too.
 * @throws Refusal with what to type instead
 */
export function instantOf(text: string, nowMs: number): number {
  const [, hours, minutes = '0'] = /^\s*(\d{1,2})(?:[:.h]\s*(\d{2}))?\s*$/.exec(text) ?? [];
  if (hours === undefined || Number(hours) > 23 || Number(minutes) > 59) {
    throw new Refusal('time', '', 'Type a time of day, as 20:00.');
  }
  const today = set(nowMs, {
    ...{ hours: Number(hours), minutes: Number(minutes), seconds: 0, milliseconds: 0 },
  });
  return (today.getTime() < nowMs - LONG_PAST_MS ? addDays(today, 1) : today).getTime();
}

const readList = (text: string): string[] => {
  const list = parseJson(text);
  return Array.isArray(list) ? list.filter((one) => typeof one === 'string') : [];
};
export const tickedOf = ({ ticked }: Pick<EveningForm, 'ticked'>) => readList(ticked);

/** What is under way, and what of tonight is over. */
export interface Followed {
  readonly open: readonly NamedTask[];
  readonly over: readonly NamedTask[];
}

/** What a plan is asked from. */
export interface Given {
  readonly candidates: readonly Candidate[];
  readonly nowMs: number;
  readonly learned?: Learned;
  readonly unit?: Unit;
  /** What is under way at that beginning: it is part of the evening, ticked or not. */
  readonly underWay?: (beginMs: number) => Followed;
}

/** What is asked of the plan; or the sentence for what cannot be read. */
export function eveningAsked(
  form: EveningForm,
  { candidates, nowMs, learned = {}, unit = 'C', underWay = () => ({ open: [], over: [] }) }: Given,
): {
  readonly question?: EveningQuestion;
  readonly tasks: NamedTask[];
  readonly over: readonly NamedTask[];
  readonly beginMs: number;
  readonly trouble?: string;
} {
  const ids = tickedOf(form);
  const ticked = candidates.filter(({ id }) => ids.includes(id));
  const { value, trouble } = attempt(() => {
    // What was to begin a while ago is planned from now.
    const beginMs =
      form.begin.trim() === '' ? nowMs : Math.max(nowMs, instantOf(form.begin, nowMs));
    const out = form.out.trim() === '' ? undefined : instantOf(form.out, beginMs);
    if (out !== undefined && out <= beginMs) {
      throw new Refusal('time', '', 'It is to be over before it begins: type a later time.');
    }
    const warmed = ticked.map((one) => withWarming(one, form.bottles, unit));
    return { beginMs, out, fixed: fixedOf(form, beginMs), wanted: tasksOf(warmed, learned) };
  }, unit);
  if (!value) return { tasks: tasksOf(ticked, learned), over: [], beginMs: nowMs, trouble };
  const { beginMs, out, fixed, wanted } = value;
  const { open, over } = underWay(beginMs);
  const tasks = withBegun(wanted, open);
  const order = readList(form.order).filter((id) => tasks.some((task) => task.id === id));
  return {
    // What is planned once more is another one than that which is over.
    ...{ tasks, over: over.filter(({ id }) => tasks.every((task) => task.id !== id)), beginMs },
    question: {
      ...{ tasks: tasks.map(unnamed), fixed, amounts: { washer: 4, line: 8 } },
      ...(out !== undefined && { untilSeconds: (out - beginMs) / 1000 }),
      ...(order.length > 0 && { order }),
    },
  };
}

/** A task as the plan is asked for it, without its words. */
export const unnamed = ({ name: _name, judgedDry: _later, ...task }: NamedTask): EveningTask =>
  task;

function fixedOf({ dinner, dinnerMinutes }: EveningForm, beginMs: number): FixedPoint[] {
  if (dinner.trim() === '') return [];
  const minutes = Number(dinnerMinutes.trim() === '' ? '30' : dinnerMinutes.replace(',', '.'));
  if (!(minutes > 0 && minutes <= 600)) {
    throw new Refusal('dinner', '', 'Type how many minutes it takes, as 30.');
  }
  return [{ fromSeconds: (instantOf(dinner, beginMs) - beginMs) / 1000, seconds: minutes * 60 }];
}

/** A step on the list: "19:40 develop, R-123". */
export interface EveningLine {
  readonly key: string;
  readonly taskId: string;
  readonly from: string;
  readonly to: string;
  readonly step: string;
  readonly task: string;
  /** Nobody has to do anything. */
  readonly byItself: boolean;
  /** The first of its task: there it is moved. */
  readonly first: boolean;
}

const clock = (beginMs: number, seconds: number) => format(beginMs + seconds * 1000, 'HH:mm');

/** The plan as a list in the order of time. */
export function eveningLines(
  plan: EveningPlan,
  tasks: readonly NamedTask[],
  beginMs: number,
): EveningLine[] {
  return plan.steps.flatMap(({ taskId, stepId, fromSeconds, toSeconds }) => {
    const task = tasks.find(({ id }) => id === taskId);
    const step = task?.steps.find(({ id }) => id === stepId);
    if (!task || !step) return [];
    return [
      {
        ...{ key: `${taskId} ${stepId}`, taskId, step: step.name, task: task.name },
        ...{ from: clock(beginMs, fromSeconds), to: clock(beginMs, toSeconds) },
        byItself: !step.needs.includes('hands'),
        first: stepId === task.steps[0]!.id,
      },
    ];
  });
}

const minutesIn = (seconds: number) => countOf(Math.round(seconds / 60), 'minute');

/** What the plan comes to, in sentences: when it is over, what hands could do meanwhile, what is left. */
export function eveningWords(
  plan: EveningPlan,
  tasks: readonly NamedTask[],
  beginMs: number,
): string[] {
  const nameOf = (id: string) => tasks.find((task) => task.id === id)?.name ?? '';
  const idle = plan.idle.reduce(
    (sum, { fromSeconds, toSeconds }) => sum + toSeconds - fromSeconds,
    0,
  );
  const left = [...new Set(plan.left.map(nameOf))];
  return [
    ...(plan.steps.length > 0 ? [`Done at ${clock(beginMs, plan.endSeconds)}.`] : []),
    ...(idle >= 60 ? [`Hands are free for ${minutesIn(idle)} of it.`] : []),
    ...(left.length > 0
      ? [`Does not fit before the end, for another day: ${left.join('; ')}.`]
      : []),
  ];
}

/** What is done when all else is: what is kept or collected, what hangs until when, what is judged tomorrow. */
export function afterwards(
  plan: EveningPlan,
  tasks: readonly NamedTask[],
  beginMs: number,
): string[] {
  const done = tasks.filter(({ id }) => plan.steps.some(({ taskId }) => taskId === id));
  if (done.length === 0) return [];
  const uses = (thing: SharedId) =>
    done.some(({ steps }) => steps.some(({ needs }) => needs.includes(thing)));
  const hanging = plan.steps.flatMap(({ taskId, stepId, toSeconds }) => {
    const task = done.find(({ id }) => id === taskId);
    return task?.steps.find(({ id }) => id === stepId)?.outlasts
      ? [`${task.name} hangs to dry until ${clock(beginMs, toSeconds)}; then cut it and sleeve it.`]
      : [];
  });
  const judged = done.filter(({ judgedDry }) => judgedDry).map(({ name }) => name);
  return [
    ...(uses('tank')
      ? [
          'Film developer kept or collected, as its bath says; fixer back into its bottle; reels rinsed and set to dry.',
        ]
      : []),
    ...(uses('trays')
      ? [
          'Paper developer covered or collected; stop and fixer back into their bottles; trays rinsed, lights of the safelight out.',
        ]
      : []),
    ...hanging,
    ...(judged.length > 0 ? [`Tomorrow, dry, in viewing light: ${judged.join('; ')}.`] : []),
    'What is collected goes where its data sheet and local rules say, never into the drain on a guess. Water off; with dry hands, lamp and warmers off at the plug; gloves off, hands washed.',
  ];
}

/** What another order costs: "12 minutes later". */
export function costWords(best: EveningPlan, wanted: EveningPlan): string {
  const seconds = wanted.endSeconds - best.endSeconds;
  const more = wanted.left.length - best.left.length;
  if (more > 0) return `In this order ${countOf(more, 'task')} more would not fit.`;
  return Math.round(seconds / 60) < 1
    ? 'In this order it ends as soon.'
    : `In this order it ends ${minutesIn(seconds)} later.`;
}

/** The order once a task was dragged so far along the evening, s: by when each begins then. */
export function draggedBy(plan: EveningPlan, id: string, seconds: number): string[] {
  const begins = (taskId: string) =>
    Math.min(
      ...plan.steps.filter((step) => step.taskId === taskId).map((step) => step.fromSeconds),
    ) + (taskId === id ? seconds : 0);
  return plan.order.toSorted((a, b) => begins(a) - begins(b));
}

/** The order with a task one place earlier or later. */
export function reordered(order: readonly string[], id: string, by: -1 | 1): string[] {
  const from = order.indexOf(id);
  const to = from + by;
  if (from === -1 || to < 0 || to >= order.length) return [...order];
  const ids = [...order];
  [ids[from], ids[to]] = [ids[to]!, ids[from]!];
  return ids;
}
