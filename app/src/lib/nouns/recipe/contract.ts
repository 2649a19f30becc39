import type { RecipeSource, ReuseRule } from '@katachron/core';
import Type, { type Static } from 'typebox';
import { agitation } from '../agitation/contract.ts';
import {
  count,
  dilution,
  filmSpeed,
  oneOf,
  seconds,
  temperatureC,
  text,
  uuid,
  version,
  volumeMl,
} from '../../kit/fields.ts';
import { MOST_FORMER_NAMES } from '../../words/called.ts';

const sources: readonly RecipeSource[] = ['data-sheet', 'own-test', 'guess'];

const closed = { additionalProperties: false };
const percent = (title: string, minimum: number) =>
  Type.Number({ title, minimum, maximum: 200, description: '%' });

/** Told apart by `kind`, so that a wrong field is answered for that kind and not for all of them. */
export const Reuse = Type.Unsafe<ReuseRule>({
  type: 'object',
  title: 'The reuse of the developer',
  required: ['kind'],
  properties: { kind: { type: 'string' } },
  discriminator: { propertyName: 'kind' },
  oneOf: [
    Type.Object({ kind: Type.Literal('one-shot') }, closed),
    Type.Object(
      {
        kind: Type.Literal('batch'),
        rolls: count('The rolls of a batch', 100, 1),
        percent: percent('The per cent a batch', 0),
      },
      closed,
    ),
    Type.Object(
      {
        kind: Type.Literal('by-area'),
        rollsPerLitre: Type.Number({
          title: 'The rolls a litre of a batch',
          exclusiveMinimum: 0,
          maximum: 100,
        }),
        percent: percent('The per cent a batch', 0),
      },
      closed,
    ),
    Type.Object(
      { kind: Type.Literal('replenish'), mlPerRoll: volumeMl('The replenisher a roll') },
      closed,
    ),
  ],
});

/** What somebody writes down of a recipe. */
export const RecipeBody = Type.Object(
  {
    film: text('The film', 80, 1),
    /** What the film was called before: tests and rolls keep the name as it was. Kept by the server at each change of it. */
    formerFilms: Type.Optional(
      Type.Array(text('A former name of the film', 80, 1), {
        title: 'The former names of the film',
        maxItems: MOST_FORMER_NAMES,
      }),
    ),
    boxSpeed: filmSpeed('The box speed'),
    developer: text('The developer', 80, 1),
    /** The developer in the cupboard; what was written down before there was one is matched by its name. */
    substanceId: Type.Optional(uuid('The developer’s id')),
    dilution,
    exposureIndex: filmSpeed('The exposure index'),
    agitation,
    points: Type.Array(
      Type.Object(
        { temperatureC: temperatureC(), seconds: seconds('The time') },
        { title: 'A time at a temperature', additionalProperties: false },
      ),
      {
        title: 'The times',
        minItems: 1,
        maxItems: 20,
        uniqueItemProperties: ['temperatureC'],
      },
    ),
    activationEnergy: Type.Optional(
      Type.Number({
        title: 'The activation energy',
        minimum: 10_000,
        maximum: 200_000,
        description: 'J/mol',
      }),
    ),
    minimumMl: Type.Optional(volumeMl('The least of concentrate or stock for a roll')),
    reuse: Type.Optional(Reuse),
    contrast: Type.Optional(
      Type.Array(
        Type.Object(
          {
            n: Type.Integer({ title: 'N', minimum: -5, maximum: 5 }),
            percent: percent('The per cent for N', -90),
          },
          { title: 'A change of contrast', ...closed },
        ),
        { title: 'N− to N+', maxItems: 10 },
      ),
    ),
    clockFactor: Type.Optional(
      Type.Number({
        title: 'The clock factor',
        minimum: 0.5,
        maximum: 2,
        description: 'real seconds in one of that clock’s',
      }),
    ),
    secondBath: Type.Optional(
      Type.Object(
        { seconds: seconds('The time in the second bath'), agitation },
        { title: 'The second bath', ...closed },
      ),
    ),
    /** Its times do not all fall when it is warmer; somebody looked again and means it so. */
    tableMeant: Type.Optional(Type.Boolean({ title: 'Whether the table is meant so' })),
    source: oneOf(sources, 'The source'),
    note: Type.Optional(text('The note', 500)),
  },
  { title: 'A recipe', additionalProperties: false },
);
export type RecipeBody = Static<typeof RecipeBody>;

/** A recipe as it is kept. */
export const Recipe = Type.Object(
  { id: uuid('The id'), version, ...RecipeBody.properties },
  { title: 'A recipe', additionalProperties: false },
);
export type Recipe = Static<typeof Recipe>;

export const recipeExample: RecipeBody = {
  film: 'Halden 400',
  boxSpeed: 400,
  developer: 'Tansy',
  dilution: [1, 31],
  exposureIndex: 400,
  agitation: 'each-minute',
  points: [
    { temperatureC: 18, seconds: 690 },
    { temperatureC: 20, seconds: 570 },
    { temperatureC: 22, seconds: 470 },
    { temperatureC: 24, seconds: 390 },
  ],
  source: 'data-sheet',
};
