import { Refusal } from '@katachron/core';
import { addDays, set } from 'date-fns';
import { parseJson } from '../../kit/parse-json.ts';

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
    since: '',
    promised: '',
  },
});

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
