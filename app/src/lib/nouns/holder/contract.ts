import Type, { type Static } from 'typebox';
import { count, text, uuid, version } from '../../kit/fields.ts';
import { filmFormatId } from '../tank/contract.ts';

/** A holder for sheet film; notches cut in its flap leave a mark on the edge of the negative. */
export const HolderBody = Type.Object(
  {
    name: text('The code of the holder', 20, 1),
    format: filmFormatId,
    /** Places along the edge that are cut, counted from the left of the flap. */
    notches: Type.Array(count('The place of a notch', 8, 1), {
      title: 'The notches',
      maxItems: 8,
      uniqueItems: true,
    }),
    note: Type.Optional(text('The note', 200)),
  },
  { title: 'A holder', additionalProperties: false },
);
export type HolderBody = Static<typeof HolderBody>;

export const Holder = Type.Object(
  { id: uuid('The id'), version, ...HolderBody.properties },
  { title: 'A holder', additionalProperties: false },
);
export type Holder = Static<typeof Holder>;

export const holderExample: HolderBody = {
  name: 'F3',
  format: 'four-by-five',
  notches: [1, 4],
  note: 'Leaks a little at the left; tape it.',
};
