import { development, driftedEnd } from '@katachron/core';
import Type from 'typebox';
import { ambientC, filmSpeed, temperatureC, timeConstantSeconds } from '../../kit/fields.ts';
import { RecipeBody, recipeExample } from '../../nouns/recipe/contract.ts';
import { operation } from './operation.ts';

const Reading = Type.Object(
  {
    seconds: Type.Number({ title: 'When it was read', minimum: 0, maximum: 86_400 }),
    temperatureC: temperatureC(),
  },
  { title: 'A reading', additionalProperties: false },
);

export const driftOperation = operation({
  id: 'drift',
  summary: 'When a development ends whose temperature wanders, from readings and the room',
  request: Type.Object(
    {
      recipe: RecipeBody,
      exposureIndex: filmSpeed('The exposure index'),
      readings: Type.Array(Reading, { title: 'The readings', minItems: 1, maxItems: 100 }),
      drift: Type.Optional(
        Type.Object(
          { ambientC, timeConstantSeconds },
          { title: 'The drift', additionalProperties: false },
        ),
      ),
    },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({ endSeconds: Type.Number(), endC: Type.Number() }),
  example: {
    request: {
      recipe: { ...recipeExample, points: [{ temperatureC: 20, seconds: 600 }] },
      exposureIndex: 400,
      readings: [{ seconds: 0, temperatureC: 20 }],
      drift: { ambientC: 16, timeConstantSeconds: 1800 },
    },
    response: { endSeconds: 633.4, endC: 18.8 },
  },
  run: ({ recipe, exposureIndex, readings, drift }) => {
    const firstC = readings[0]!.temperatureC;
    const { factor } = development(recipe, firstC, exposureIndex);
    return { ...driftedEnd({ recipe, factor, readings, ...(drift && { drift }) }) };
  },
});
