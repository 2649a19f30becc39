import { agitationSchemes, type RecipeSource } from '@katachron/core';
import Type, { type Static } from 'typebox';
import { filmSpeed, oneOf, seconds, temperatureC, text, uuid, version } from './fields.ts';

const sources: readonly RecipeSource[] = ['data-sheet', 'own-test', 'guess'];

export const agitationId = oneOf(
  agitationSchemes.map(({ id }) => id),
  'The agitation',
);

/** What somebody writes down of a recipe. */
export const RecipeBody = Type.Object(
  {
    film: text('The film', 80, 1),
    boxSpeed: filmSpeed('The box speed'),
    developer: text('The developer', 80, 1),
    dilution: Type.Array(
      Type.Number({ title: 'A part of the dilution', exclusiveMinimum: 0, maximum: 10_000 }),
      { title: 'The dilution', minItems: 1, maxItems: 6 },
    ),
    exposureIndex: filmSpeed('The exposure index'),
    agitation: agitationId,
    points: Type.Array(
      Type.Object(
        { temperatureC: temperatureC(), seconds: seconds('The time') },
        { title: 'A time at a temperature', additionalProperties: false },
      ),
      { title: 'The times', minItems: 1, maxItems: 20 },
    ),
    activationEnergy: Type.Optional(
      Type.Number({
        title: 'The activation energy',
        minimum: 10_000,
        maximum: 200_000,
        description: 'J/mol',
      }),
    ),
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
