import type { EveningTask } from '@katachron/core';
import { taskKind, type NamedStep, type TaskFacts, type TaskKindId } from './task-kinds.ts';
import { stepsOf, type Learned } from './times.ts';
import { loadHref, rollHref } from './ways.ts';

/** Something that may be ticked for tonight. */
export interface Candidate {
  readonly id: string;
  readonly name: string;
  readonly kind: TaskKindId;
  readonly facts: TaskFacts;
  /** So many of it follow each other: strips that the advice expects. */
  readonly times?: number;
  /** The number of the first of them. */
  readonly first?: number;
  /** What is done once these are. */
  readonly then?: TaskKindId;
  /** Where it is done. */
  readonly href?: string;
  /** Rolls that go into one tank: any of them may be left out. */
  readonly rolls?: readonly { readonly id: string; readonly name: string }[];
}

/** A task of the plan, with the words for its steps. */
export interface NamedTask extends EveningTask {
  readonly name: string;
  readonly steps: readonly NamedStep[];
  readonly judgedDry?: boolean;
  /** Where it is done; and where its tank is loaded. */
  readonly href?: string;
  readonly loadHref?: string;
}

/** A load without the rolls that are left out of it; nothing where that is all of them. */
export function withoutRolls(candidate: Candidate, left: readonly string[]): Candidate | undefined {
  const { rolls } = candidate;
  const stay = rolls?.filter(({ id }) => !left.includes(id));
  if (!rolls || !stay || stay.length === rolls.length) return candidate;
  const [first] = stay;
  if (!first) return undefined;
  return {
    ...{ ...candidate, rolls: stay, href: rollHref(first.id) },
    name: stay.map(({ name }) => name).join(' · '),
  };
}

/** What stands behind a name where it is ticked: ", 2 strips and the print". */
export function tickedWords({ kind, times = 1 }: Candidate): string {
  const words = taskKind(kind).ticked?.(times);
  return words === undefined ? '' : `, ${words}`;
}

/** What of a print a task is: "strip 2: Cullet". */
export function named(kind: TaskKindId, name: string, number = ''): string {
  const words = [taskKind(kind).noun, number].filter(Boolean).join(' ');
  return words === '' ? name : `${words}: ${name}`;
}

/** The tasks of what is ticked: strips after each other, and the print after them. */
export function tasksOf(candidates: readonly Candidate[], learned: Learned): NamedTask[] {
  return candidates.flatMap(({ id, name, kind, facts, times, first = 1, then, href, rolls }) => {
    const task = (of: TaskKindId, part: string, number: string, after?: string): NamedTask => ({
      ...{ id: `${id}#${part}`, name: named(of, name, number), steps: stepsOf(of, facts, learned) },
      ...(taskKind(of).judgedDry && { judgedDry: true }),
      ...(after !== undefined && { after: `${id}#${after}` }),
      ...(href !== undefined && { href }),
      ...(rolls && { loadHref: loadHref(rolls.map((roll) => roll.id)) }),
    });
    if (times === undefined) return [task(kind, kind, '')];
    const part = (at: number) => `${kind}-${first + at}`;
    const many = Array.from({ length: times }, (_, at) =>
      task(kind, part(at), String(first + at), at > 0 ? part(at - 1) : undefined),
    );
    return then ? [...many, task(then, then, '', part(times - 1))] : many;
  });
}

/** A step that somebody began by the big button, and when, ms. */
export interface Started {
  readonly taskId: string;
  readonly stepId: string;
  readonly atMs: number;
}

/** A task with those of its steps that were begun by hand, from their real beginning. */
export function withStarted(
  task: NamedTask,
  started: readonly Started[],
  nowMs: number,
  beginMs: number,
): NamedTask {
  const startOf = ({ id }: NamedStep) =>
    started.find(({ taskId, stepId }) => taskId === task.id && stepId === id)?.atMs;
  const open = task.steps.findIndex((step) => startOf(step) === undefined);
  const begun = task.steps.slice(0, open === -1 ? task.steps.length : open);
  if (begun.length === 0) return task;
  const steps = task.steps.map((step, at) => {
    const fromMs = at < begun.length ? startOf(step)! : undefined;
    if (fromMs === undefined) return step;
    const next = begun[at + 1];
    // Hands are at it until they begin something else; what goes by itself takes its time.
    const others = started.map(({ atMs }) => atMs).filter((atMs) => atMs > fromMs);
    const untilMs = next ? startOf(next)! : Math.min(nowMs, ...others);
    const lasted = Math.max(0, (untilMs - fromMs) / 1000);
    if (next) return { ...step, seconds: lasted };
    return step.needs.includes('hands')
      ? { ...step, seconds: others.length > 0 ? lasted : Math.max(step.seconds, lasted) }
      : step;
  });
  return {
    ...{ ...task, steps },
    begunSeconds: begun.map((step) => (startOf(step)! - beginMs) / 1000),
  };
}

/** What is wanted with what is under way: a task that has begun stands for itself as it was planned. */
export function withBegun(wanted: readonly NamedTask[], begun: readonly NamedTask[]): NamedTask[] {
  const others = begun.filter(({ id }) => wanted.every((task) => task.id !== id));
  return [
    ...others,
    ...wanted.map((task) => {
      const real = begun.find(({ id }) => id === task.id);
      if (!real) return task;
      // What was begun by hand before anything is known of stays where it was.
      const { begunSeconds: byHand = [] } = task;
      const before = task.steps
        .slice(0, byHand.length)
        .filter(({ id }) => real.steps.every((step) => step.id !== id));
      return {
        ...{ ...task, ...(real.href !== undefined && { href: real.href }) },
        steps: [...before, ...real.steps],
        begunSeconds: [...byHand.slice(0, before.length), ...(real.begunSeconds ?? [])],
      };
    }),
  ];
}
