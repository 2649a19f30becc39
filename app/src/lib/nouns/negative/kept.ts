import Type, { type Static } from 'typebox';
import { oneOf, text, uuid, version } from '../../kit/fields.ts';
import { negativeKinds } from './kinds.ts';

const side = (title: string) =>
  Type.Number({ title, exclusiveMinimum: 0, maximum: 600, description: 'mm' });
const density = (title: string) => Type.Number({ title, minimum: 0, maximum: 5 });

/** What is known of a negative besides its name, by which prints find it. */
export const NegativeBody = Type.Object(
  {
    name: text('The name of the negative', 80, 1),
    kind: oneOf(
      negativeKinds.map(({ id }) => id),
      'Where the negative comes from',
    ),
    format: Type.Optional(
      Type.Object(
        { longMm: side('The long side'), shortMm: side('The short side') },
        { title: 'The format', additionalProperties: false },
      ),
    ),
    densities: Type.Optional(
      Type.Object(
        { highlight: density('The highlight’s density'), shadow: density('The shadow’s density') },
        { title: 'The densities', additionalProperties: false },
      ),
    ),
    note: text('The note', 2000),
  },
  { title: 'A negative', additionalProperties: false },
);
export type NegativeBody = Static<typeof NegativeBody>;

export const KeptNegative = Type.Object(
  { id: uuid('The id'), version, ...NegativeBody.properties },
  { title: 'A negative', additionalProperties: false },
);
export type KeptNegative = Static<typeof KeptNegative>;

export const negativeExample: NegativeBody = {
  name: 'R-118 / 14',
  kind: 'frame',
  format: { longMm: 60, shortMm: 60 },
  densities: { highlight: 1.12, shadow: 0.3 },
  note: 'A scratch along the lower edge.',
};
