import { twoStage } from '@katachron/core';
import Type from 'typebox';
import { volumeMl } from '../../../kit/fields.ts';
import { operation } from '../operation.ts';

export const twoStageOperation = operation({
  id: 'two-stage',
  summary: 'A dose too small to be read, measured in two stages, and what that throws away',
  request: Type.Object(
    {
      volumeMl: volumeMl('The volume wanted'),
      waterParts: Type.Number({
        title: 'Parts of water to one of concentrate',
        exclusiveMinimum: 0,
        maximum: 10_000,
      }),
      firstParts: Type.Number({
        title: 'The first stage, one part in so many',
        exclusiveMinimum: 1,
        maximum: 10_000,
      }),
      divisionMl: volumeMl('The division of the graduate'),
    },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({
    concentrateMl: Type.Number(),
    firstWaterMl: Type.Number(),
    takenMl: Type.Number(),
    secondWaterMl: Type.Number(),
    doseMl: Type.Number(),
    directError: Type.Number(),
    worstError: Type.Number(),
    usualError: Type.Number(),
    wastedMl: Type.Number(),
  }),
  example: {
    request: { volumeMl: 500, waterParts: 249, firstParts: 10, divisionMl: 1 },
    response: {
      ...{ concentrateMl: 20, firstWaterMl: 180, takenMl: 20, secondWaterMl: 480, doseMl: 2 },
      ...{ directError: 0.25, worstError: 0.0506, usualError: 0.0354, wastedMl: 18 },
    },
  },
  run: ({ volumeMl: wanted, waterParts, firstParts, divisionMl }) => ({
    ...twoStage(wanted, waterParts, firstParts, divisionMl),
  }),
});
