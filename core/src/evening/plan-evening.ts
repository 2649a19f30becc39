import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';
import { Busy, HORIZON_SECONDS } from './busy.ts';
import type {
  EveningPlan,
  EveningQuestion,
  EveningTask,
  IdleHands,
  PlacedStep,
} from './evening.ts';

/** More than these nobody does in an evening. */
const MOST_TASKS = 60;
const MOST_STEPS = 60;
/** Of so few tasks all orders are tried, as long as that is not more than so many steps to place. */
const FEW = 6;
const MOST_OF_ALL_ORDERS = 40_000;
/** Of more, so much work goes into a better one, counted in steps that are placed. */
const MOST_PLACED = 1200;
const NO_TIME = 1e-6;

/** A task with its places. */
interface Placed {
  readonly task: EveningTask;
  readonly steps: readonly PlacedStep[];
}

interface Draft {
  readonly placed: readonly Placed[];
  readonly left: readonly string[];
  readonly endSeconds: number;
  readonly order: readonly string[];
}

const begunOf = ({ begunSeconds = [] }: EveningTask) => begunSeconds;

/** Until everything of it is over that somebody has to stay for, s from the beginning of its first open step. */
const lengthOf = (task: EveningTask) =>
  task.steps
    .slice(begunOf(task).length)
    .reduce((sum, { seconds, outlasts }) => sum + (outlasts ? 0 : seconds), 0);

/** How long it goes on by itself once the hands are done with it, s. */
function tailOf({ steps }: EveningTask): number {
  const last = steps.findLastIndex(({ needs }) => needs.includes('hands'));
  return steps
    .slice(last + 1)
    .reduce((sum, { seconds, outlasts }) => sum + (outlasts ? 0 : seconds), 0);
}

/** Of a chain of tasks the length of all that comes after one counts as its own. */
function criticalPaths(tasks: readonly EveningTask[]): ReadonlyMap<string, number> {
  const paths = new Map<string, number>();
  const pathOf = (task: EveningTask): number => {
    const known = paths.get(task.id);
    if (known !== undefined) return known;
    // Two that wait for each other have no path behind them, and no end of it.
    paths.set(task.id, lengthOf(task));
    const after = tasks.filter((other) => other.after === task.id).map(pathOf);
    const path = lengthOf(task) + Math.max(0, ...after);
    paths.set(task.id, path);
    return path;
  };
  for (const task of tasks) pathOf(task);
  return paths;
}

/**
 * Puts the open steps of a task where they fit first. A step that would wait too long for the next one begins later instead.
 * @returns undefined where it does not fit at all
 */
function place(task: EveningTask, busy: Busy, notBefore: number): PlacedStep[] | undefined {
  const begun = begunOf(task);
  const least = task.steps.map(() => notBefore);
  const from: number[] = [...begun];
  const endOf = (index: number) => from[index]! + task.steps[index]!.seconds;
  let index = begun.length;
  while (index < task.steps.length) {
    const step = task.steps[index]!;
    const free = index === 0 ? least[0]! : Math.max(least[index]!, endOf(index - 1));
    const at = busy.earliest(step, free);
    if (at >= HORIZON_SECONDS) return undefined;
    const before = task.steps[index - 1];
    const latest =
      before?.longestWaitSeconds === undefined
        ? Infinity
        : endOf(index - 1) + before.longestWaitSeconds;
    // What has begun cannot begin later: then it waits, and that is what there is.
    if (at > latest + NO_TIME && index > begun.length) {
      least[index - 1] = at - before!.longestWaitSeconds! - before!.seconds;
      index -= 1;
      continue;
    }
    from[index] = at;
    index += 1;
  }
  return task.steps.map((step, at) => ({
    ...{ taskId: task.id, stepId: step.id },
    fromSeconds: from[at]!,
    toSeconds: from[at]! + step.seconds,
  }));
}

const staysUntil = ({ task, steps }: Placed) =>
  Math.max(
    0,
    ...steps.flatMap(({ toSeconds }, at) => (task.steps[at]!.outlasts ? [] : [toSeconds])),
  );

/** Gives the tasks their places one after the other, in an order; one that waits for another comes after it. */
function inOrder(
  order: readonly EveningTask[],
  start: Busy,
  untilSeconds: number | undefined,
): Draft {
  const busy = start.copy();
  const placed: Placed[] = [];
  const left: string[] = [];
  // What has begun cannot make way: it has its places before all that can.
  const hasBegun = (task: EveningTask) => Number(begunOf(task).length > 0);
  const waiting = order.toSorted((a, b) => hasBegun(b) - hasBegun(a));
  const open = () => new Set(waiting.map(({ id }) => id));
  while (waiting.length > 0) {
    const ids = open();
    // Of two that wait for each other neither comes first: then the order as it is.
    const next = Math.max(
      0,
      waiting.findIndex(({ after }) => after === undefined || !ids.has(after)),
    );
    const [task] = waiting.splice(next, 1);
    const before = placed.find((one) => one.task.id === task!.after);
    const notBefore = Math.max(0, task!.fromSeconds ?? 0, before ? staysUntil(before) : 0);
    const orphaned =
      task!.after !== undefined && left.includes(task!.after) && begunOf(task!).length === 0;
    const steps = orphaned ? undefined : place(task!, busy, notBefore);
    const one = steps && { task: task!, steps };
    const late =
      one === undefined || (untilSeconds !== undefined && staysUntil(one) > untilSeconds + NO_TIME);
    // What has begun is done, however late it gets.
    if (!one || (late && begunOf(task!).length === 0)) {
      left.push(task!.id);
      continue;
    }
    one.steps.forEach(({ fromSeconds, toSeconds }, at) => {
      if (at >= begunOf(task!).length) busy.take(task!.steps[at]!, fromSeconds, toSeconds);
    });
    placed.push(one);
  }
  const endSeconds = Math.max(0, ...placed.map(staysUntil));
  return { placed, left, endSeconds, order: order.map(({ id }) => id) };
}

/** More done is better; then what ends sooner. */
const isBetter = (one: Draft, other: Draft) =>
  one.left.length !== other.left.length
    ? one.left.length < other.left.length
    : one.endSeconds < other.endSeconds - NO_TIME;

/** Orders to begin with: what takes longest first, by its path, by what goes on by itself; and as they were given. */
function firstOrders(tasks: readonly EveningTask[]): EveningTask[][] {
  const paths = criticalPaths(tasks);
  const by = (key: (task: EveningTask) => number) => tasks.toSorted((a, b) => key(b) - key(a));
  return [
    by(({ id }) => paths.get(id)!),
    by(tailOf),
    by((task) => (paths.get(task.id) ?? 0) + tailOf(task)),
    by((task) => -lengthOf(task)),
    [...tasks],
  ];
}

/** Takes one task after the other elsewhere, as long as that is better and there is work left in it. */
function improved(best: Draft, tasks: readonly EveningTask[], start: Busy, until?: number): Draft {
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const stepsOfAll = Math.max(
    1,
    tasks.reduce((sum, { steps }) => sum + steps.length, 0),
  );
  let tries = Math.floor(MOST_PLACED / stepsOfAll);
  let now = best;
  for (let better = true; better && tries > 0;) {
    better = false;
    for (let from = 0; from < now.order.length && tries > 0; from += 1) {
      for (let to = 0; to < now.order.length && tries > 0; to += 1) {
        if (to === from) continue;
        const ids = [...now.order];
        ids.splice(to, 0, ...ids.splice(from, 1));
        const draft = inOrder(
          ids.map((id) => byId.get(id)!),
          start,
          until,
        );
        tries -= 1;
        if (isBetter(draft, now)) {
          now = draft;
          better = true;
        }
      }
    }
  }
  return now;
}

/** Stretches in which nobody's hands are taken, between the first step and the end. */
function idleHands(placed: readonly Placed[], endSeconds: number): IdleHands[] {
  const taken = placed
    .flatMap(({ task, steps }) => steps.filter((_, at) => task.steps[at]!.needs.includes('hands')))
    .toSorted((a, b) => a.fromSeconds - b.fromSeconds);
  const idle: IdleHands[] = [];
  let free = Math.max(
    0,
    Math.min(...placed.flatMap(({ steps }) => steps.map((one) => one.fromSeconds))),
  );
  for (const { fromSeconds, toSeconds } of taken) {
    if (fromSeconds > free + NO_TIME) idle.push({ fromSeconds: free, toSeconds: fromSeconds });
    free = Math.max(free, toSeconds);
  }
  if (endSeconds > free + NO_TIME) idle.push({ fromSeconds: free, toSeconds: endSeconds });
  return idle;
}

function checked({ tasks }: EveningQuestion): void {
  if (tasks.length > MOST_TASKS || tasks.some(({ steps }) => steps.length > MOST_STEPS)) {
    throw new Refusal(
      'evening',
      '/tasks',
      `An evening has at most ${MOST_TASKS} tasks of ${MOST_STEPS} steps.`,
    );
  }
  if (new Set(tasks.map(({ id }) => id)).size < tasks.length) {
    throw new Refusal('evening', '/tasks', 'Two tasks have the same id.');
  }
  const wrong = tasks.find(
    ({ steps, begunSeconds = [] }) => steps.length === 0 || begunSeconds.length > steps.length,
  );
  if (wrong) {
    throw new Refusal(
      'evening',
      '/tasks',
      'A task has a step, and no more that have begun than it has.',
    );
  }
}

/**
 * What to do in what order, so that an evening ends soonest: nobody and nothing is needed twice at a time, no step waits longer than it
 * may, fixed points are kept, and what has begun stays where it is.
 * @param question tasks with their steps, what is shared, fixed points, s from now
 * @returns when each step is done, when all is over, when hands are free, and what is left for another day
 * @throws Refusal `evening` for more than can be planned, a task without steps or two of one id
 * @source serial list scheduling by critical path over shared resources; of up to six tasks the best of all orders, of more improved by insertion
 * @example
 * planEvening({ tasks: [{ id: "roll", steps: [{ id: "wash", seconds: 600, needs: ["washer"] }] }, { id: "strip", steps: [{ id: "fire", seconds: 120, needs: ["hands", "enlarger"] }] }] }).endSeconds // = 600
 */
export function planEvening(question: EveningQuestion): EveningPlan {
  sound({
    ...question,
    tasks: question.tasks.map(({ begunSeconds = [], ...task }) => ({
      ...task,
      begun: begunSeconds,
    })),
  });
  checked(question);
  const { tasks, amounts = {}, fixed = [], untilSeconds, order } = question;
  const start = new Busy(amounts);
  for (const { fromSeconds, seconds } of fixed) {
    for (let hand = 0; hand < (amounts.hands ?? 1); hand += 1) {
      start.take({ needs: ['hands'] }, fromSeconds, fromSeconds + seconds);
    }
  }
  for (const task of tasks) {
    begunOf(task).forEach((from, at) => {
      start.take(task.steps[at]!, from, from + task.steps[at]!.seconds);
    });
  }
  const draft = order
    ? inOrder(asWanted(tasks, order), start, untilSeconds)
    : bestOf(tasks, start, untilSeconds);
  return {
    steps: draft.placed
      .flatMap(({ steps }) => steps)
      .toSorted((a, b) => a.fromSeconds - b.fromSeconds || a.toSeconds - b.toSeconds),
    endSeconds: draft.endSeconds,
    idle: draft.placed.length > 0 ? idleHands(draft.placed, draft.endSeconds) : [],
    left: draft.left,
    order: draft.order,
  };
}

function asWanted(tasks: readonly EveningTask[], order: readonly string[]): EveningTask[] {
  const at = (id: string) => {
    const found = order.indexOf(id);
    return found === -1 ? order.length : found;
  };
  return tasks.toSorted((a, b) => at(a.id) - at(b.id));
}

/** All orders, one change of places after the other (Heap's algorithm). */
function* allOrders(tasks: readonly EveningTask[]): Generator<readonly EveningTask[]> {
  const order = [...tasks];
  const counts = tasks.map(() => 0);
  yield order;
  for (let at = 1; at < order.length;) {
    if (counts[at]! < at) {
      const other = at % 2 === 0 ? 0 : counts[at]!;
      [order[at], order[other]] = [order[other]!, order[at]!];
      yield order;
      counts[at]! += 1;
      at = 1;
    } else {
      counts[at] = 0;
      at += 1;
    }
  }
}

function bestOf(tasks: readonly EveningTask[], start: Busy, until: number | undefined): Draft {
  const [first, ...others] = firstOrders(tasks).map((order) => inOrder(order, start, until));
  const best = others.reduce((now, draft) => (isBetter(draft, now) ? draft : now), first!);
  const steps = tasks.reduce((sum, task) => sum + task.steps.length, 0);
  const orders = tasks.reduce((product, _, at) => product * (at + 1), 1);
  if (tasks.length > FEW || orders * steps > MOST_OF_ALL_ORDERS) {
    return improved(best, tasks, start, until);
  }
  let now = best;
  for (const order of allOrders(tasks)) {
    const draft = inOrder(order, start, until);
    if (isBetter(draft, now)) now = draft;
  }
  return now;
}
