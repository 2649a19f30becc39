import Type, { type Static } from 'typebox';
import { count, instantMs, uuid } from '../../kit/fields.ts';

/** The longest side of what is kept, pixels. */
export const LONGEST_SIDE = 2048;
/** A file of a picture may be as large as this, bytes. */
export const MOST_PICTURE_BYTES = 150e6;

/** What is kept of a picture besides its tones. */
export const Picture = Type.Object(
  {
    id: uuid('The id'),
    width: count('The width', LONGEST_SIDE, 1),
    height: count('The height', LONGEST_SIDE, 1),
    madeAtMs: instantMs('When it was kept'),
  },
  { title: 'A picture', additionalProperties: false },
);
export type Picture = Static<typeof Picture>;
