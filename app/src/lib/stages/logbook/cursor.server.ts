import Type from 'typebox';
import { instantMs, text, uuid } from '../../kit/fields.ts';
import { check } from '../../server/validation.ts';

/** Where a page of the logbook begins: after the entry of this id, which has this value in what it is sorted by. */
export interface Cursor {
  readonly value: Date | string | number;
  readonly id: string;
}

/** What the place in a sort may be, by what it is sorted by. */
const places = {
  instant: instantMs('The instant'),
  text: text('The name', 300),
  number: Type.Number({ title: 'The number' }),
};
const ID_LENGTH = 36;

/** "1500000000000_0b9e…": the entry after which to go on. */
export function readCursor(after: string, of: keyof typeof places): Cursor {
  const value = after.slice(0, -ID_LENGTH - 1);
  const id = check(uuid('The id'), after.slice(-ID_LENGTH));
  if (of === 'text') return { id, value: check(places.text, value) };
  const number = check(places[of], value === '' ? undefined : Number(value));
  return { id, value: of === 'instant' ? new Date(number) : number };
}

export const writeCursor = ({ value, id }: Cursor) =>
  `${value instanceof Date ? value.getTime() : value}_${id}`;
