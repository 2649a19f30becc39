import Type from 'typebox';
import { blindPairs } from '@katachron/core';
import { count } from '../../../kit/fields.ts';
import { lampLag } from '../../../nouns/calibration/kinds/lamp-lag.ts';
import { reciprocity } from '../../../nouns/calibration/kinds/reciprocity.ts';
import { safelight } from '../../../nouns/calibration/kinds/safelight.ts';
import { thermometers } from '../../../nouns/calibration/kinds/thermometers.ts';
import { operation } from '../operation.ts';
import { operationOfKind } from './of-kind.ts';

const number = Type.Number();
const maybe = Type.Optional(Type.Number());

export const reciprocityOperation = operationOfKind({
  kind: reciprocity,
  id: 'reciprocity',
  summary:
    'What a film needs in a long exposure, by tests, by a table or by a power; a filter counted first',
  unnamed: ['film'],
  response: Type.Object({ seconds: number, lostStops: number, power: maybe, within: maybe }),
  example: {
    request: { from: 'power', points: [], power: 1.33, meteredSeconds: 8, filterStops: 1 },
    response: { seconds: 39.95, lostStops: 1.32 },
  },
  answer: ({ seconds, lostStops, power, within }) => ({
    ...{ seconds, lostStops },
    ...(power !== undefined && { power, within }),
  }),
});

export const safelightOperation = operationOfKind({
  kind: safelight,
  id: 'safelight',
  summary: 'How long paper may lie under a safelight, by coins on flashed paper',
  unnamed: ['lamp'],
  response: Type.Object({ safeSeconds: number, atLeast: Type.Boolean(), movedSeconds: maybe }),
  example: {
    request: {
      coins: [60, 120, 240, 480, 960].map((seconds) => ({ seconds, shown: seconds >= 480 })),
      testedMetres: 1.1,
      nowMetres: 1.7,
    },
    response: { safeSeconds: 120, atLeast: false, movedSeconds: 286.6 },
  },
  answer: (result) => ({ ...result }),
});

export const thermometerOperation = operationOfKind({
  kind: thermometers,
  id: 'thermometer',
  summary: 'What a thermometer is out by, against one that is trusted',
  unnamed: ['name'],
  response: Type.Object({
    ...{ a: number, b: number, restC: number, withinC: number, lowC: number, highC: number },
    residualsC: Type.Array(number),
    restTooLarge: Type.Boolean(),
  }),
  example: {
    request: {
      pairs: [
        { readingC: 15.3, trueC: 15 },
        { readingC: 20.5, trueC: 20 },
        { readingC: 24.4, trueC: 24 },
        { readingC: 38.9, trueC: 38 },
      ],
    },
    response: {
      ...{ a: 0.0855, b: 0.9754, restC: 0.1016, withinC: 0.2186, lowC: 15.3, highC: 38.9 },
      residualsC: [-0.0085, -0.0803, 0.1158, -0.0269],
      restTooLarge: false,
    },
  },
  answer: (line) => ({ ...line, residualsC: [...line.residualsC] }),
});

export const lampLagOperation = operationOfKind({
  kind: lampLag,
  id: 'lamp-lag',
  summary: 'A lamp’s lag by a match, and how well it is known',
  unnamed: ['enlarger'],
  response: Type.Object({ lagSeconds: number, withinSeconds: number, leastFiringSeconds: number }),
  example: {
    request: { firings: 8, eachSeconds: 2, singleSeconds: 14.6 },
    response: { lagSeconds: 0.2, withinSeconds: 0.2362, leastFiringSeconds: 0.6 },
  },
  answer: ({ lagSeconds, withinSeconds, leastFiringSeconds }) => ({
    ...{ lagSeconds, withinSeconds, leastFiringSeconds },
  }),
});

export const blindPairsOperation = operation({
  id: 'blind-pairs',
  summary: 'The chance that blind looks at pairs were luck',
  request: Type.Object(
    { right: count('How many were told right', 100), pairs: count('How many pairs', 100, 1) },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({ luck: number, found: Type.Boolean(), neededRight: maybe }),
  example: {
    request: { right: 7, pairs: 8 },
    response: { luck: 0.03516, found: true, neededRight: 7 },
  },
  run: ({ right, pairs }) => ({ ...blindPairs(right, pairs) }),
});
