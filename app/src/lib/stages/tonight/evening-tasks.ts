import type { EveningTask } from '@katachron/core';
import { taskKind, type NamedStep, type TaskFacts, type TaskKindId } from './task-kinds.ts';
import { stepsOf, type Learned } from './times.ts';

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
}

/** A task of the plan, with the words for its steps. */
export interface NamedTask extends EveningTask {
  readonly name: string;
  readonly steps: readonly NamedStep[];
  readonly judgedDry?: boolean;
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
  return candidates.flatMap(({ id, name, kind, facts, times, first = 1, then }) => {
    const task = (of: TaskKindId, part: string, number: string, after?: string): NamedTask => ({
      ...{ id: `${id}#${part}`, name: named(of, name, number), steps: stepsOf(of, facts, learned) },
      ...(taskKind(of).judgedDry && { judgedDry: true }),
      ...(after !== undefined && { after: `${id}#${after}` }),
    });
    if (times === undefined) return [task(kind, kind, '')];
    const part = (at: number) => `${kind}-${first + at}`;
    const many = Array.from({ length: times }, (_, at) =>
      task(kind, part(at), String(first + at), at > 0 ? part(at - 1) : undefined),
    );
    return then ? [...many, task(then, then, '', part(times - 1))] : many;
  });
}

/** What is wanted with what is under way: a task that has begun stands for itself as it was planned. */
export function withBegun(wanted: readonly NamedTask[], begun: readonly NamedTask[]): NamedTask[] {
  const others = begun.filter(({ id }) => wanted.every((task) => task.id !== id));
  return [
    ...others,
    ...wanted.map((task) => {
      const real = begun.find(({ id }) => id === task.id);
      return real ? { ...task, steps: real.steps, begunSeconds: real.begunSeconds ?? [] } : task;
    }),
  ];
}
