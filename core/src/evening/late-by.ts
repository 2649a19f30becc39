import { sound } from '../quantity/sound.ts';
import type { EveningQuestion, EveningTask, PlacedStep } from './evening.ts';
import { planEvening } from './plan-evening.ts';

/** A task, and by how much it makes the evening end later, s. */
export interface LateBy {
  readonly taskId: string;
  readonly seconds: number;
}

/** A difference below this nobody calls late, s. */
const NOTICED = 60;

/** A task as it was promised: what was to have begun by now has, and each step takes what it was to take. */
function asPromised(task: EveningTask, promised: readonly PlacedStep[]): EveningTask {
  const { begunSeconds: _real, ...rest } = task;
  const placeOf = (stepId: string) => promised.find((one) => one.stepId === stepId);
  const steps = task.steps.map((step) => {
    const place = placeOf(step.id);
    return place ? { ...step, seconds: place.toSeconds - place.fromSeconds } : step;
  });
  const begun: number[] = [];
  for (const { id } of steps) {
    const from = placeOf(id)?.fromSeconds;
    if (from === undefined || from > 0) break;
    begun.push(from);
  }
  return { ...rest, steps, ...(begun.length > 0 && { begunSeconds: begun }) };
}

/** The evening without a task; what waited for it waits for what that waited for. */
function without(tasks: readonly EveningTask[], gone: EveningTask): EveningTask[] {
  return tasks.flatMap((task) => {
    if (task.id === gone.id) return [];
    if (task.after !== gone.id) return [task];
    const { after: _gone, ...rest } = task;
    return [{ ...rest, ...(gone.after !== undefined && { after: gone.after }) }];
  });
}

/** When a task is over that somebody has to stay for, s from now. */
function overAt({ id, steps }: EveningTask, places: readonly PlacedStep[]): number {
  const ends = places
    .filter(({ taskId, stepId }) => {
      const step = steps.find((one) => one.id === stepId);
      return taskId === id && step && !step.outlasts;
    })
    .map(({ toSeconds }) => toSeconds);
  return Math.max(-Infinity, ...ends);
}

/**
 * Which tasks make an evening end later than it was promised, the worst first: for each how much sooner all would be over had it alone
 * gone as planned, or, where nobody had planned it, had it not come. What has not begun because something else ended late is not to blame
 * for it.
 * @param question the evening as it is now, s from now; what is over may be in it, with all its real starts
 * @param promised what was planned, s from now and below zero for what is past
 * @returns those that make a minute or more
 * @throws Refusal as `planEvening`
 * @source each task put back to its plan by itself, and the rest planned again in the same order
 * @example
 * lateBy({ tasks: [{ id: "a", steps: [{ id: "fire", seconds: 600, needs: ["hands"] }] }] }, [{ taskId: "a", stepId: "fire", fromSeconds: -300, toSeconds: 300 }]) // = [{ "taskId": "a", "seconds": 300 }]
 */
export function lateBy(question: EveningQuestion, promised: readonly PlacedStep[]): LateBy[] {
  sound(promised.map(({ fromSeconds: from, toSeconds: to }) => ({ from, to })));
  const { endSeconds, order, steps } = planEvening(question);
  const endOf = (tasks: readonly EveningTask[]) =>
    planEvening({ ...question, tasks, order }).endSeconds;
  const isBegun = ({ begunSeconds = [] }: EveningTask) => begunSeconds.length > 0;
  const begun = question.tasks.filter(isBegun).map((task) => {
    const end = overAt(task, steps);
    return { taskId: task.id, end, late: end - overAt(task, promised) };
  });
  const found = question.tasks.flatMap((task) => {
    const of = promised.filter(({ taskId }) => taskId === task.id);
    const tasks =
      of.length > 0
        ? question.tasks.map((one) => (one === task ? asPromised(one, of) : one))
        : without(question.tasks, task);
    const seconds = endSeconds - endOf(tasks);
    const waits = of.length > 0 && !isBegun(task);
    if (!waits) return [{ taskId: task.id, seconds, waits }];
    const first = Math.min(...of.map(({ fromSeconds }) => fromSeconds));
    const [before] = begun
      .filter(({ end, late }) => end > first && late >= NOTICED && Number.isFinite(late))
      .toSorted((a, b) => b.late - a.late);
    const theirs = before ? Math.min(seconds, before.late) : 0;
    return [
      ...(before ? [{ taskId: before.taskId, seconds: theirs, waits: false }] : []),
      { taskId: task.id, seconds: seconds - theirs, waits },
    ];
  });
  // Of two that explain as much the one that has begun comes first, and each is named once.
  return found
    .filter(({ seconds }) => seconds >= NOTICED)
    .toSorted((a, b) => b.seconds - a.seconds || Number(a.waits) - Number(b.waits))
    .filter(({ taskId }, at, all) => all.findIndex((one) => one.taskId === taskId) === at)
    .map(({ taskId, seconds }) => ({ taskId, seconds }));
}
