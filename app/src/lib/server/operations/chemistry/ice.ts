import { iceFor } from '@katachron/core';
import Type from 'typebox';
import { temperatureC, volumeMl } from '../../../kit/fields.ts';
import { operation } from '../operation.ts';

export const iceOperation = operation({
  id: 'ice',
  summary: 'Ice in a closed bag that cools a solution',
  request: Type.Object(
    {
      volumeMl: volumeMl('The volume to be cooled'),
      nowC: temperatureC('What it reads'),
      targetC: temperatureC('The temperature wanted'),
    },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({ grams: Type.Number(), dilutes: Type.Number() }),
  example: {
    request: { volumeMl: 800, nowC: 24.6, targetC: 20 },
    response: { grams: 36.91, dilutes: 0.0461 },
  },
  run: ({ volumeMl: all, nowC, targetC }) => ({ ...iceFor(all, nowC, targetC) }),
});
