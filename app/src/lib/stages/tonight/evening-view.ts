import type {
  EveningPlan,
  EveningQuestion,
  EveningTask,
  FixedPoint,
  SharedId,
} from '@katachron/core';
import { Refusal } from '@katachron/core';
import { countOf } from '../../words/count.ts';
import { attempt } from '../../words/attempt.ts';
import type { Unit } from '../../words/temperature.ts';
import { withWarming } from './bottles.ts';
import {
  amountOf,
  instantOf,
  leftOutOf,
  minutesOf,
  readList,
  startedOf,
  tickedOf,
  usualAmounts,
  type EveningForm,
} from './evening-form.ts';
import {
  tasksOf,
  withBegun,
  withoutRolls,
  withStarted,
  type Candidate,
  type NamedTask,
} from './evening-tasks.ts';
import { clock, type Dinner } from './evening-lines.ts';
import { eveningSince } from './promised.ts';
import { withOwn, type Learned } from './times.ts';

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
  /** So many tanks are written down. */
  readonly tanks?: number;
  /** What is under way at that beginning: it is part of the evening, ticked or not. */
  readonly underWay?: (beginMs: number) => Followed;
}

/** What is asked of the plan; or the sentence for what cannot be read. */
export function eveningAsked(
  form: EveningForm,
  {
    candidates,
    nowMs,
    learned = {},
    unit = 'C',
    tanks = 0,
    underWay = () => ({ open: [], over: [] }),
  }: Given,
): {
  readonly question?: EveningQuestion;
  readonly tasks: NamedTask[];
  readonly over: readonly NamedTask[];
  readonly sinceMs: number;
  readonly beginMs: number;
  readonly dinner?: Dinner | undefined;
  readonly trouble?: string;
} {
  const ids = tickedOf(form);
  const leftOut = leftOutOf(form);
  const ticked = candidates
    .filter(({ id }) => ids.includes(id))
    .flatMap((one) => withoutRolls(one, leftOut) ?? []);
  const sinceMs = eveningSince(form, nowMs);
  const { value, trouble } = attempt(() => {
    const meantMs = form.begin.trim() === '' ? sinceMs : instantOf(form.begin, sinceMs);
    // What was to begin a while ago is planned from now.
    const beginMs = Math.max(nowMs, meantMs);
    const out = form.out.trim() === '' ? undefined : instantOf(form.out, meantMs);
    if (out !== undefined && out <= meantMs) {
      throw new Refusal('time', '', 'It is to be over before it begins: type a later time.');
    }
    const warmed = ticked.map((one) => withWarming(one, form.bottles, unit));
    const started = startedOf(form, sinceMs);
    const wanted = tasksOf(warmed, withOwn(learned, minutesOf(form))).map((task) =>
      withStarted(task, started, nowMs, beginMs),
    );
    const amounts = {
      tank: amountOf(form.tanks, Math.max(1, tanks), 'tanks'),
      washer: amountOf(form.washer, usualAmounts.washer, 'prints the washer takes'),
      line: amountOf(form.lines, usualAmounts.lines, 'places on the line'),
    };
    return { beginMs, out, dinner: dinnerOf(form, meantMs), wanted, amounts };
  }, unit);
  if (!value)
    return { tasks: tasksOf(ticked, learned), over: [], sinceMs, beginMs: nowMs, trouble };
  const { beginMs, out, dinner, wanted, amounts } = value;
  const { open, over } = underWay(beginMs);
  const tasks = withBegun(wanted, open);
  const order = readList(form.order).filter((id) => tasks.some((task) => task.id === id));
  return {
    // What is planned once more is another one than that which is over.
    over: over.filter(({ id }) => tasks.every((task) => task.id !== id)),
    ...{ tasks, sinceMs, beginMs, dinner },
    question: {
      tasks: tasks.map(unnamed),
      fixed: dinner ? leftOf(dinner, beginMs) : [],
      amounts,
      // Past its end nothing is begun any more.
      ...(out !== undefined && { untilSeconds: Math.max(0, (out - beginMs) / 1000) }),
      ...(order.length > 0 && { order }),
    },
  };
}

/** A task as the plan is asked for it, without its words. */
export const unnamed = ({
  name: _name,
  judgedDry: _later,
  href: _way,
  loadHref: _load,
  ...task
}: NamedTask): EveningTask => task;

function dinnerOf({ dinner, dinnerMinutes }: EveningForm, eveningMs: number): Dinner | undefined {
  if (dinner.trim() === '') return undefined;
  const minutes = Number(dinnerMinutes.trim() === '' ? '30' : dinnerMinutes.replace(',', '.'));
  if (!(minutes > 0 && minutes <= 600)) {
    throw new Refusal('dinner', '', 'Type how many minutes it takes, as 30.');
  }
  const fromMs = instantOf(dinner, eveningMs);
  return { fromMs, toMs: fromMs + minutes * 60_000 };
}

/** What of it is still to come: what is past is past. */
function leftOf({ fromMs, toMs }: Dinner, beginMs: number): FixedPoint[] {
  const from = Math.max(fromMs, beginMs);
  return toMs > from
    ? [{ fromSeconds: (from - beginMs) / 1000, seconds: (toMs - from) / 1000 }]
    : [];
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
