import { learnedDuration, processRecord, Refusal, type LearnedDuration } from '@katachron/core';
import type { Fired } from '../../bench/clock/fired.ts';
import { partsOf } from '../../nouns/process/parts.ts';
import { capital } from '../../words/capital.ts';
import { countOf } from '../../words/count.ts';
import { taskKind, type NamedStep, type TaskFacts, type TaskKindId } from './task-kinds.ts';

/** How long a step of a sort of task took, each time, s: by "print.wash", or "print.wash.fibre". */
export type Took = Readonly<Record<string, readonly number[]>>;
/** And how long it takes here, where that is known. */
export type Learned = Readonly<Record<string, LearnedDuration>>;

/** Fibre paper lies longer in trays and wash; light it gets as any other. */
const keyOf = (kind: TaskKindId, stepId: string, { fibre }: TaskFacts) =>
  [kind, stepId, ...(fibre && kind === 'print' && stepId !== 'fire' ? ['fibre'] : [])].join('.');

/** How long papers took on this bench: under the lamp and in the trays. */
export function tookAtBench(fired: readonly Fired[]): Took {
  const took: Record<string, number[]> = {};
  const add = (key: string, seconds: number) => (took[key] ??= []).push(seconds);
  for (const { kind, fromMs, toMs, out } of fired) {
    if (fromMs !== undefined && toMs !== undefined) add(`${kind}.fire`, (toMs - fromMs) / 1000);
    // A print in the trays is told of by the logbook.
    if (!out || kind === 'print') continue;
    for (const { id, seconds, over } of partsOf(kind, processRecord(out.plan, out.events), 0)) {
      if (over) add(`${kind}.${id}`, seconds);
    }
  }
  return took;
}

/** What is learned of all of it together. */
export function learnedFrom(...all: readonly Took[]): Learned {
  const keys = [...new Set(all.flatMap(Object.keys))].sort();
  return Object.fromEntries(
    keys.flatMap((key) => {
      const learned = learnedDuration(all.flatMap((took) => took[key] ?? []));
      return learned ? [[key, learned]] : [];
    }),
  );
}

/**
 * With what somebody knows of their own steps, min: it comes before what was learned.
 * @throws Refusal for what cannot be read
 */
export function withOwn(learned: Learned, typed: Readonly<Record<string, string>>): Learned {
  const own = Object.entries(typed).flatMap(([key, text]) => {
    if (text.trim() === '') return [];
    const seconds = Number(text.replace(',', '.')) * 60;
    if (!(seconds > 0 && seconds <= MOST_OWN_SECONDS)) {
      throw new Refusal('minutes', '', `Type how many minutes a step takes, as 8; not “${text}”.`);
    }
    return [[key, { seconds, spreadSeconds: 0, of: 0 }] as const];
  });
  return { ...learned, ...Object.fromEntries(own) };
}

/** A step whose minutes may be typed. */
export interface OwnStep {
  readonly key: string;
  /** "wash (print on fibre paper)". */
  readonly name: string;
  readonly minutes: number;
}

/** The steps of what is ticked that the plan takes a usual time for, or a learned one. */
export function ownSteps(
  of: readonly {
    readonly kind: TaskKindId;
    readonly facts: TaskFacts;
    readonly then?: TaskKindId;
  }[],
  learned: Learned,
): OwnStep[] {
  const steps = of.flatMap(({ kind, facts, then }) =>
    [kind, ...(then ? [then] : [])].flatMap((sort) =>
      stepsOf(sort, facts, learned)
        // A developer's time is its recipe's, and the bottles' their water's.
        .filter(({ id }) => !(sort === 'roll' && ['develop', 'warm'].includes(id)))
        .map(({ id, name, seconds }): OwnStep => ({
          ...{ key: keyOf(sort, id, facts), minutes: minutes(seconds) },
          name: `${name} (${whose(sort, facts.fibre ?? false)})`,
        })),
    ),
  );
  return [...new Map(steps.map((step) => [step.key, step])).values()];
}

const whose = (kind: TaskKindId, fibre: boolean) =>
  `${taskKind(kind).noun ?? kind}${fibre && kind === 'print' ? ' on fibre paper' : ''}`;

/** The steps of a task, each as long as it takes here; as usual where nobody knows. */
export const stepsOf = (kind: TaskKindId, facts: TaskFacts, learned: Learned): NamedStep[] =>
  taskKind(kind)
    .steps(facts)
    .map((step) => {
      const seconds = learned[keyOf(kind, step.id, facts)]?.seconds;
      return seconds === undefined ? step : { ...step, seconds };
    });

/** Longer than a day no step is. */
const MOST_OWN_SECONDS = 86_400;
const minutes = (seconds: number) => Number((seconds / 60).toFixed(seconds < 600 ? 1 : 0));

/** "Stop and fix (roll): 6.5 minutes ± 0.5, of 12 times." */
export function learnedWords(learned: Learned): string[] {
  return Object.entries(learned).flatMap(([key, { seconds, spreadSeconds, of }]) => {
    const [kind, stepId, fibre] = key.split('.') as [TaskKindId, string, string?];
    const step = taskKind(kind)
      .steps({ fibre: fibre !== undefined })
      .find(({ id }) => id === stepId);
    if (!step) return [];
    const what = `${capital(step.name)} (${whose(kind, fibre !== undefined)})`;
    return [
      `${what}: ${minutes(seconds)} minutes ± ${minutes(spreadSeconds)}, of ${countOf(of, 'time')}.`,
    ];
  });
}
