import { Refusal } from '@katachron/core';
import { addDays, set } from 'date-fns';
import { parseJson } from '../../kit/parse-json.ts';
import type { Started } from './evening-tasks.ts';

/** What is typed of the evening. */
export interface EveningForm {
  /** "19:30"; empty is now. */
  begin: string;
  dinner: string;
  dinnerMinutes: string;
  out: string;
  /** What the bottles read now, in the unit that is typed in; empty is not read. */
  bottles: string;
  /** When the evening began that this is of, ms: its times of day are those that follow, whatever the date. */
  since: string;
  /** The plan as it was last made by hand, so that it can be said how much later it gets, and why. */
  promised: string;
  /** How many there are of what is shared; empty is what is usual, or written down. */
  tanks: string;
  washer: string;
  lines: string;
  /** Minutes that a step takes here by somebody's own word: a JSON object of words by the step's key. */
  minutes: string;
  /** Steps that were begun by hand, a JSON list of `[task, step, ms]`; and rolls that are left out of their load, of ids. */
  started: string;
  leftOut: string;
  /** Ids that are ticked, and the order that somebody wants, each a JSON list. */
  ticked: string;
  order: string;
}
export const emptyEvening = () => ({
  ...{
    ...{ begin: '', dinner: '', dinnerMinutes: '30', out: '', bottles: '' },
    ...{ ticked: '[]', order: '[]' },
    ...{ tanks: '', washer: '', lines: '', minutes: '{}', started: '[]', leftOut: '[]' },
    ...{ since: '', promised: '' },
  },
});

/** How many there are of what is shared, where nobody has said. */
export const usualAmounts = { washer: 4, lines: 8 } as const;
/** More of anything no darkroom has. */
const MOST_SHARED = 60;

/**
 * How many there are of something shared.
 * @throws Refusal with what to type instead
 */
export function amountOf(text: string, usual: number, what: string): number {
  if (text.trim() === '') return usual;
  const amount = Number(text);
  if (!Number.isInteger(amount) || amount < 1 || amount > MOST_SHARED) {
    throw new Refusal('amount', '', `Type how many ${what} there are, from 1 to ${MOST_SHARED}.`);
  }
  return amount;
}

/** A time that is so long before the evening is meant for the day after, ms. */
const LONG_PAST_MS = 6 * 3_600_000;

/**
 * The instant that a time of day is meant to be, ms: the next one of an evening, past midnight too.
 * @throws Refusal with what to type instead
 */
export function instantOf(text: string, sinceMs: number): number {
  const [, hours, minutes = '0'] = /^\s*(\d{1,2})(?:[:.h]\s*(\d{2}))?\s*$/.exec(text) ?? [];
  if (hours === undefined || Number(hours) > 23 || Number(minutes) > 59) {
    throw new Refusal('time', '', 'Type a time of day, as 20:00.');
  }
  const today = set(sinceMs, {
    ...{ hours: Number(hours), minutes: Number(minutes), seconds: 0, milliseconds: 0 },
  });
  return (today.getTime() < sinceMs - LONG_PAST_MS ? addDays(today, 1) : today).getTime();
}

export const readList = (text: string): string[] => {
  const list = parseJson(text);
  return Array.isArray(list) ? list.filter((one) => typeof one === 'string') : [];
};
export const tickedOf = ({ ticked }: Pick<EveningForm, 'ticked'>) => readList(ticked);
/** Everything that may be ticked, ticked. */
export const allTicked = (candidates: readonly { readonly id: string }[]) =>
  JSON.stringify(candidates.map(({ id }) => id));
export const leftOutOf = ({ leftOut }: Pick<EveningForm, 'leftOut'>) => readList(leftOut);

/** Steps that were begun by hand this evening. */
export function startedOf({ started }: EveningForm, sinceMs: number): Started[] {
  const list = parseJson(started);
  if (!Array.isArray(list)) return [];
  return list.flatMap((one: unknown) => {
    if (!Array.isArray(one)) return [];
    const [taskId, stepId, atMs] = one as unknown[];
    return typeof taskId === 'string' &&
      typeof stepId === 'string' &&
      typeof atMs === 'number' &&
      atMs >= sinceMs
      ? [{ taskId, stepId, atMs }]
      : [];
  });
}

const isSame = (
  one: Pick<Started, 'taskId' | 'stepId'>,
  other: Pick<Started, 'taskId' | 'stepId'>,
) => one.taskId === other.taskId && one.stepId === other.stepId;
const kept = (started: readonly Started[]) =>
  JSON.stringify(started.map(({ taskId, stepId, atMs }) => [taskId, stepId, atMs]));

/** With one more step that begins now. */
export const startedWith = (started: readonly Started[], one: Started): string =>
  kept([...started.filter((other) => !isSame(other, one)), one]);

/** Without one that was not begun after all. */
export const startedWithout = (
  started: readonly Started[],
  one: Pick<Started, 'taskId' | 'stepId'>,
): string => kept(started.filter((other) => !isSame(other, one)));

/** Minutes by somebody's own word, by the step's key; what cannot be read is not there. */
export function minutesOf({
  minutes,
}: Pick<EveningForm, 'minutes'>): Readonly<Record<string, string>> {
  const value = parseJson(minutes);
  if (typeof value !== 'object' || value === null) return {};
  return Object.fromEntries(
    Object.entries(value).filter(
      (entry): entry is [string, string] => typeof entry[1] === 'string',
    ),
  );
}
