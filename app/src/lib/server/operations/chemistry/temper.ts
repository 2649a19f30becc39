import { temperMix } from '@katachron/core';
import Type from 'typebox';
import { temperatureC, volumeMl } from '../../../kit/fields.ts';
import { operation } from '../operation.ts';

/** Taps run hotter than any bath. */
const tapC = (title: string) => Type.Number({ title, minimum: 0, maximum: 100, description: '°C' });

export const temperOperation = operation({
  id: 'temper',
  summary: 'Hot and cold water for a mix at a temperature, the concentrate’s own counted',
  request: Type.Object(
    {
      volumeMl: volumeMl('The volume wanted'),
      targetC: temperatureC('The temperature wanted'),
      coldC: tapC('The cold water'),
      hotC: tapC('The hot water'),
      concentrateMl: Type.Optional(volumeMl('The concentrate in it')),
      concentrateC: Type.Optional(temperatureC('The temperature of the concentrate')),
    },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({
    waterC: Type.Number(),
    hotMl: Type.Number(),
    coldMl: Type.Number(),
    scalds: Type.Boolean(),
  }),
  example: {
    request: {
      ...{ volumeMl: 1500, targetC: 20, coldC: 13, hotC: 47 },
      ...{ concentrateMl: 100, concentrateC: 26.5 },
    },
    response: { waterC: 19.54, hotMl: 269.12, coldMl: 1130.9, scalds: false },
  },
  run: (question) => ({ ...temperMix(question) }),
});
