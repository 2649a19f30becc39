import { heads, lightSources } from '@katachron/core';
import Type, { type Static } from 'typebox';
import { oneOf, seconds, text, uuid, version } from '../../kit/fields.ts';
import { MOST_FORMER_NAMES } from '../../words/called.ts';
import { Lamp } from '../strip/contract.ts';

const headStops = (title: string) =>
  Type.Number({ title, minimum: 0.001, maximum: 2, description: 'stops for 10 units' });

/** What throws the light: an enlarger with its lens and head, or a bare lamp. */
export const EnlargerBody = Type.Object(
  {
    name: text('The name of the enlarger', 80, 1),
    /** What it was called before: records keep the name as it was. Kept by the server at each change of the name. */
    formerNames: Type.Optional(
      Type.Array(text('A former name', 80, 1), {
        title: 'The former names',
        maxItems: MOST_FORMER_NAMES,
      }),
    ),
    source: oneOf(
      lightSources.map(({ id }) => id),
      'The kind of light',
    ),
    head: oneOf(
      heads.map(({ id }) => id),
      'The head',
    ),
    lens: text('The lens', 80),
    apertures: Type.Array(Type.Number({ title: 'An f-number', minimum: 0.7, maximum: 128 }), {
      title: 'The apertures',
      maxItems: 20,
      uniqueItems: true,
    }),
    lamp: Lamp,
    /** What the corners lack at an aperture of its lens. */
    fallOffs: Type.Optional(
      Type.Array(
        Type.Object(
          {
            aperture: Type.Number({ title: 'An f-number', minimum: 0.7, maximum: 128 }),
            stops: Type.Number({ title: 'What the corners lack', exclusiveMinimum: 0, maximum: 6 }),
          },
          { title: 'A fall-off', additionalProperties: false },
        ),
        { title: 'What the corners lack', maxItems: 20, uniqueItemProperties: ['aperture'] },
      ),
    ),
    /** Of a colour head: the stops that ten units of each filter take. */
    colourHead: Type.Optional(
      Type.Object(
        { c: headStops('Cyan'), m: headStops('Magenta'), y: headStops('Yellow') },
        { title: 'What its filters take', additionalProperties: false },
      ),
    ),
    longestSeconds: Type.Optional(seconds('The longest time of the timer')),
    note: text('The note', 200),
  },
  { title: 'An enlarger', additionalProperties: false },
);
export type EnlargerBody = Static<typeof EnlargerBody>;

export const Enlarger = Type.Object(
  { id: uuid('The id'), version, ...EnlargerBody.properties },
  { title: 'An enlarger', additionalProperties: false },
);
export type Enlarger = Static<typeof Enlarger>;

export const enlargerExample: EnlargerBody = {
  name: 'the tall enlarger',
  source: 'enlarger',
  head: 'diffuser',
  lens: '80 mm',
  apertures: [5.6, 8, 11, 16],
  lamp: { lagSeconds: 0.2, timerStepSeconds: 0.1 },
  longestSeconds: 99.9,
  note: '',
};
