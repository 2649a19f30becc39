import Type, { type Static } from 'typebox';
import { instantMs, oneOf, uuid, version } from '../../kit/fields.ts';
import { PrintDraft } from './draft.ts';
import { newDraft } from './begin.ts';

/** Where a print in hand is: being worked on, put aside for another day, or made. */
export const handStates = ['in-hand', 'put-aside', 'made'] as const;
export type HandState = (typeof handStates)[number];

/** A print from its first strip on: all that lies on the bench for it. */
export const InHandBody = Type.Object(
  {
    draft: PrintDraft,
    state: oneOf(handStates, 'Where it is'),
    touchedAtMs: instantMs('When it was worked on last'),
  },
  { title: 'A print in hand', additionalProperties: false },
);
export type InHandBody = Static<typeof InHandBody>;

export const InHand = Type.Object(
  { id: uuid('The id'), version, ...InHandBody.properties },
  { title: 'A print in hand', additionalProperties: false },
);
export type InHand = Static<typeof InHand>;

export const inHandExample: InHandBody = {
  draft: {
    ...newDraft(),
    ...{ title: 'Furnace hall, night shift', negative: 'F-031 / 14', paper: 'Marrow fibre' },
    ...{ highlight: 3, shadow: 4 },
  },
  state: 'in-hand',
  touchedAtMs: 1_768_600_000_000,
};
