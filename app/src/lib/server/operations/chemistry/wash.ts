import { fillAndDump } from '@katachron/core';
import Type from 'typebox';
import { temperatureC, volumeMl } from '../../../kit/fields.ts';
import { operation } from '../operation.ts';

export const washOperation = operation({
  id: 'wash',
  summary: 'Changes of water that wash fixer out',
  request: Type.Object(
    {
      staysMl: volumeMl('What stays behind at a dump'),
      changeMl: volumeMl('A change of water'),
      aim: Type.Number({
        title: 'What may be left',
        exclusiveMinimum: 0,
        exclusiveMaximum: 1,
        description: 'a share',
      }),
      waterC: Type.Optional(temperatureC('The temperature of the water')),
    },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({
    changes: Type.Integer(),
    leaves: Type.Number(),
    standsLonger: Type.Integer(),
  }),
  example: {
    request: { staysMl: 25, changeMl: 450, aim: 0.001 },
    response: { changes: 3, leaves: 0.0001458, standsLonger: 1 },
  },
  run: ({ staysMl, changeMl, aim, waterC }) => fillAndDump(staysMl, changeMl, aim, waterC),
});
