import { pushBetween, pushFactor } from '@katachron/core';
import Type from 'typebox';
import { pushSentence } from '../../words/push.ts';
import { filmSpeed } from '../../kit/fields.ts';
import { operation } from './operation.ts';

export const pushOperation = operation({
  id: 'push',
  summary: 'Push or pull from the box speed and the speed used, with the sentence for it',
  request: Type.Object(
    { boxSpeed: filmSpeed('The box speed'), exposureIndex: filmSpeed('The exposure index') },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({
    stops: Type.Number(),
    snapped: Type.Boolean(),
    factor: Type.Number(),
    sentence: Type.String(),
  }),
  example: {
    request: { boxSpeed: 400, exposureIndex: 1600 },
    response: {
      stops: 2,
      snapped: true,
      factor: 1.96,
      sentence: 'shot at EI 1600 on ISO 400 film: 2 stops under, push +2',
    },
  },
  run: ({ boxSpeed, exposureIndex }) => {
    const push = pushBetween(boxSpeed, exposureIndex);
    return {
      ...push,
      factor: pushFactor(push.stops),
      sentence: pushSentence(boxSpeed, exposureIndex),
    };
  },
});
