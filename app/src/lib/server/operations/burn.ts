import { addStops, burnOrDodge } from '@katachron/core';
import Type from 'typebox';
import { oneOf, seconds, stops } from '../../kit/fields.ts';
import { operation } from './operation.ts';

type Does = 'burn' | 'dodge' | 'nothing';

const doesWhat = (change: number): Does => (change > 0 ? 'burn' : change < 0 ? 'dodge' : 'nothing');

export const burnOperation = operation({
  id: 'burn',
  summary: 'Extra seconds for a burn, or seconds held back for a dodge',
  request: Type.Object(
    { baseSeconds: seconds('The main exposure'), stops: stops('The burn or dodge') },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({
    seconds: Type.Number(),
    does: oneOf<Does>(['burn', 'dodge', 'nothing'], 'What it is'),
    areaSeconds: Type.Number(),
  }),
  example: {
    request: { baseSeconds: 12, stops: 1 },
    response: { seconds: 12, does: 'burn', areaSeconds: 24 },
  },
  run: ({ baseSeconds, stops: change }) => ({
    seconds: burnOrDodge(baseSeconds, change),
    does: doesWhat(change),
    areaSeconds: addStops(baseSeconds, change),
  }),
});
