import { keyLine } from '@katachron/core';
import Type from 'typebox';
import { seconds } from '../../kit/fields.ts';
import { operation } from './operation.ts';

export const keyLineOperation = operation({
  id: 'key-line',
  summary: 'How long a black line round the print is exposed without the negative',
  request: Type.Object(
    {
      blackSeconds: seconds('The minimum time for maximum black'),
      filmDensity: Type.Number({ title: 'The density of the clear film', minimum: 0, maximum: 3 }),
      byFeelSeconds: Type.Optional(seconds('What it would get by feel')),
    },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({
    justBlackSeconds: Type.Number(),
    seconds: Type.Number(),
    tooMuchStops: Type.Optional(Type.Number()),
  }),
  example: {
    request: { blackSeconds: 8, filmDensity: 0 },
    response: { justBlackSeconds: 8, seconds: 11.313708498984761 },
  },
  run: ({ blackSeconds, filmDensity, byFeelSeconds }) =>
    keyLine(blackSeconds, filmDensity, byFeelSeconds),
});
