import { development } from '@katachron/core';
import Type from 'typebox';
import { filmSpeed, temperatureC } from '../../kit/fields.ts';
import { DevelopmentChoices } from '../../nouns/roll/contract.ts';
import { RecipeBody, recipeExample } from '../../nouns/recipe/contract.ts';
import { operation } from './operation.ts';

export const filmTimeOperation = operation({
  id: 'film-time',
  summary: 'Development time at a temperature and a speed used, and what it rests on',
  request: Type.Object(
    {
      recipe: RecipeBody,
      temperatureC: temperatureC('The temperature of the developer'),
      exposureIndex: filmSpeed('The exposure index'),
      choices: Type.Optional(DevelopmentChoices),
    },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({
    seconds: Type.Number(),
    method: Type.String(),
    from: Type.Array(Type.Object({ temperatureC: Type.Number(), seconds: Type.Number() })),
    activationEnergy: Type.Number(),
    secondsPerDegree: Type.Number(),
    pushStops: Type.Number(),
    factors: Type.Array(
      Type.Object({ id: Type.String(), factor: Type.Number(), ruleOfThumb: Type.Boolean() }),
    ),
    cautions: Type.Array(Type.String()),
  }),
  example: {
    request: { recipe: recipeExample, temperatureC: 22, exposureIndex: 800 },
    response: {
      seconds: 658,
      method: 'point',
      from: [{ temperatureC: 22, seconds: 470 }],
      activationEnergy: 69387,
      secondsPerDegree: -42.8,
      pushStops: 1,
      factors: [{ id: 'push', factor: 1.4, ruleOfThumb: true }],
      cautions: [],
    },
  },
  run: ({ recipe, temperatureC: reading, exposureIndex, choices }) => {
    const { seconds, base, pushStops, factors, cautions } = development(
      recipe,
      reading,
      exposureIndex,
      choices,
    );
    return {
      seconds,
      method: base.method,
      from: [...base.from],
      activationEnergy: base.activationEnergy,
      secondsPerDegree: base.secondsPerDegree,
      pushStops,
      factors: [...factors],
      cautions: [...cautions],
    };
  },
});
