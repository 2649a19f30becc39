import Type, { type Static } from 'typebox';
import { oneOf, text, uuid } from '../../kit/fields.ts';
import { FilmLoad } from '../tank/contract.ts';
import { paperSides } from './ledger.ts';
import { bathPlaces } from './places.ts';

const closed = { additionalProperties: false };
const through = Type.Array(
  Type.Object(
    {
      place: oneOf(
        bathPlaces.map(({ id }) => id),
        'Where the bath stands',
      ),
      id: uuid('The bath’s id'),
      /** As it was called that day. */
      name: text('The name of the bath', 80, 1),
    },
    { title: 'A bath', ...closed },
  ),
  {
    title: 'The baths it goes through',
    maxItems: bathPlaces.length,
    uniqueItemProperties: ['place'],
  },
);
export type Through = Static<typeof through>;

/** The baths that a run of film goes through, and the films whose area is booked on them. */
export const FilmThrough = Type.Object(
  {
    load: Type.Array(FilmLoad, { title: 'The films', minItems: 1, maxItems: 12 }),
    baths: through,
  },
  { title: 'The baths of a run', ...closed },
);

/** The baths that a sheet of paper goes through, and its size. */
export const PaperThrough = Type.Object(
  { ...paperSides, baths: through },
  { title: 'The baths of a sheet', ...closed },
);
export type PaperThrough = Static<typeof PaperThrough>;
