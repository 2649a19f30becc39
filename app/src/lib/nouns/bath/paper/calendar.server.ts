import { addDays } from 'date-fns';
import { createEvents } from 'ics';
import type { Bath } from '../contract.ts';
import type { KeptEntry } from '../ledger.ts';
import { stateOf } from '../state.ts';

const dayOf = (day: Date): [number, number, number] => [
  day.getUTCFullYear(),
  day.getUTCMonth() + 1,
  day.getUTCDate(),
];

/** The days after which baths are to be discarded, as iCalendar; those that stand and whose time is known. */
export function discardCalendar(
  baths: readonly Bath[],
  entries: Readonly<Record<string, readonly KeptEntry[]>>,
  nowMs: number,
): string {
  const events = baths.flatMap((bath) => {
    const until =
      bath.discardedAtMs === undefined
        ? stateOf(bath, entries[bath.id] ?? [], nowMs)?.value?.keepsUntilMs
        : undefined;
    if (until === undefined) return [];
    const next = addDays(until, 1);
    return [
      {
        uid: `${bath.id}@katachron`,
        title: `Discard: ${bath.name}`,
        description:
          'Its keeping time is over then if no more is taken out. Collect it, and hand it in as your local rules say.',
        start: dayOf(new Date(until)),
        end: dayOf(next),
      },
    ];
  });
  const { error, value } = createEvents([...events], {
    productId: 'katachron',
    calName: 'Baths to discard',
  });
  if (error) throw error;
  return value ?? '';
}
