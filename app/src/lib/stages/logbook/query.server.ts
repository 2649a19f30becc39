import { isValid, parseISO } from 'date-fns';
import Type from 'typebox';
import { day, oneOf, text } from '../../kit/fields.ts';
import { InvalidInput } from '../../server/problem/invalid-input.ts';
import { check } from '../../server/validation.ts';
import { entryKinds, narrowingOf, type Asked } from '../../nouns/logbook/asked.ts';
import { MOST_TAG } from '../../nouns/logbook/tags.ts';
import { USUAL_SORT, sortById, sorts } from '../../nouns/logbook/sorts.ts';

const asked = Type.Object({
  q: text('What to look for', 200),
  kind: Type.Optional(
    oneOf(
      entryKinds.map(({ id }) => id),
      'Rolls or prints',
    ),
  ),
  on: Type.Optional(text('The film or paper', 80)),
  setting: Type.Optional(text('The setting', 60)),
  size: Type.Optional(text('The size', 40)),
  from: Type.Optional(day('The first day')),
  to: Type.Optional(day('The last day')),
  tag: Type.Optional(text('The tag', MOST_TAG)),
  sort: oneOf(
    sorts.map(({ id }) => id),
    'What it is sorted by',
  ),
  order: Type.Optional(oneOf(['up', 'down'], 'The order')),
  after: Type.Optional(text('After which entry', 400)),
});

/** 31 February has the shape of a day and is none. */
function realDay(part: 'from' | 'to', day: string | undefined): void {
  if (day === undefined || isValid(parseISO(day))) return;
  throw new InvalidInput([{ pointer: `/${part}`, detail: `There is no ${day} in the calendar.` }]);
}

/** What an address asks of the logbook: words, what it is narrowed to, how it is sorted, and the entry after which to go on. */
export function logbookQuery(url: URL): { asked: Asked; after?: string } {
  const given = Object.fromEntries(
    [...url.searchParams].filter(([name, value]) => name in asked.properties && value !== ''),
  );
  const { q, sort, order, after, ...rest } = check(asked, { q: '', sort: USUAL_SORT, ...given });
  realDay('from', rest.from);
  realDay('to', rest.to);
  return {
    asked: {
      ...{ words: q, sort, ...narrowingOf(rest) },
      descending: order ? order === 'down' : sortById(sort).descending,
    },
    ...(after !== undefined && { after }),
  };
}
