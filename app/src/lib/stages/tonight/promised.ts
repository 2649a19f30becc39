import type { EveningPlan, PlacedStep } from '@katachron/core';
import { parseJson } from '../../kit/parse-json.ts';
import { countOf } from '../../words/count.ts';
import type { NamedTask } from './evening-tasks.ts';
import type { EveningForm } from './evening-form.ts';

/** The plan as it was when a hand last changed it: by that the evening is late, or early. */
export interface Promised {
  readonly of: string;
  readonly endMs: number;
  /** Task, step, and its begin and end, ms. */
  readonly places: readonly (readonly [string, string, number, number])[];
}

/** What the plan rests on besides what really happens. */
export const promisedOf = (form: EveningForm) =>
  JSON.stringify([
    ...[form.ticked, form.leftOut, form.order],
    ...[form.begin, form.dinner, form.dinnerMinutes, form.out, form.bottles],
    ...[form.tanks, form.washer, form.lines, form.minutes],
  ]);

/** A plan as a promise. */
export const promise = (of: string, plan: EveningPlan, beginMs: number): Promised => ({
  of,
  endMs: beginMs + plan.endSeconds * 1000,
  places: plan.steps.map(({ taskId, stepId, fromSeconds, toSeconds }) => [
    taskId,
    stepId,
    beginMs + fromSeconds * 1000,
    beginMs + toSeconds * 1000,
  ]),
});

const isPlace = (value: unknown): boolean =>
  Array.isArray(value) &&
  typeof value[0] === 'string' &&
  typeof value[1] === 'string' &&
  Number.isFinite(value[2]) &&
  Number.isFinite(value[3]);

/** A promise that ended so long ago was of another evening, ms. */
const ANOTHER_EVENING_MS = 6 * 3_600_000;

/** The promise that was kept in words; nothing where it cannot be read, or is one of yesterday. */
export function readPromised(text: string, nowMs: number): Promised | undefined {
  const value = parseJson(text);
  if (typeof value !== 'object' || value === null) return undefined;
  const { of, endMs, places } = value as Partial<Promised>;
  return typeof of === 'string' &&
    typeof endMs === 'number' &&
    Array.isArray(places) &&
    places.every(isPlace) &&
    nowMs - endMs < ANOTHER_EVENING_MS
    ? { of, endMs, places }
    : undefined;
}

/** When the evening began that the page is of, ms; now, where the last one is over for long. */
export function eveningSince(
  { since, promised }: Pick<EveningForm, 'since' | 'promised'>,
  nowMs: number,
): number {
  const sinceMs = since.trim() === '' ? Number.NaN : Number(since);
  const lastMs = Math.max(sinceMs, readPromised(promised, nowMs)?.endMs ?? 0);
  return sinceMs <= nowMs && nowMs - lastMs < ANOTHER_EVENING_MS ? sinceMs : nowMs;
}

/** The promise, s from a beginning. */
export const placesFrom = ({ places }: Promised, beginMs: number): PlacedStep[] =>
  places.map(([taskId, stepId, fromMs, toMs]) => ({
    ...{ taskId, stepId },
    fromSeconds: (fromMs - beginMs) / 1000,
    toSeconds: (toMs - beginMs) / 1000,
  }));

/** "12 minutes later than planned: strip 2 of Cullet." */
export function laterWords(
  promised: Promised | undefined,
  form: EveningForm,
  endMs: number,
  /** What makes it late, the worst first, and the tasks that it is among. */
  late: readonly { readonly taskId: string }[] = [],
  tasks: readonly NamedTask[] = [],
): string {
  if (promised?.of !== promisedOf(form)) return '';
  const minutes = Math.round((endMs - promised.endMs) / 60_000);
  if (minutes === 0) return '';
  const [worst] = minutes > 0 ? late : [];
  const name = tasks.find(({ id }) => id === worst?.taskId)?.name.replace(': ', ' of ');
  const words = `${countOf(Math.abs(minutes), 'minute')} ${minutes > 0 ? 'later' : 'sooner'} than planned`;
  return name ? `${words}: ${name}.` : `${words}.`;
}
