import { planStrip } from '@katachron/core';
import Type from 'typebox';
import { Lamp, StripChoices } from '../../nouns/strip/contract.ts';
import { operation } from './operation.ts';

export const stripOperation = operation({
  id: 'strip',
  summary: 'A test strip: the firings to dial, and what each patch really gets',
  request: Type.Object(
    { ...StripChoices.properties, lamp: Lamp },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({
    patches: Type.Array(
      Type.Object({
        wantedSeconds: Type.Number(),
        givenSeconds: Type.Number(),
        errorStops: Type.Number(),
      }),
    ),
    firings: Type.Array(
      Type.Object({ dialSeconds: Type.Number(), covered: Type.Integer(), hands: Type.String() }),
    ),
  }),
  example: {
    request: {
      kind: 'doubling',
      method: 'cover-up',
      firstSeconds: 4,
      step: 1,
      patches: 3,
      lamp: { lagSeconds: 0, timerStepSeconds: 0.1 },
    },
    response: {
      patches: [
        { wantedSeconds: 4, givenSeconds: 4, errorStops: 0 },
        { wantedSeconds: 8, givenSeconds: 8, errorStops: 0 },
        { wantedSeconds: 16, givenSeconds: 16, errorStops: 0 },
      ],
      firings: [
        { dialSeconds: 4, covered: 0, hands: 'Nothing covered' },
        { dialSeconds: 4, covered: 1, hands: 'Card over one patch' },
        { dialSeconds: 8, covered: 2, hands: 'Card over two patches' },
      ],
    },
  },
  run: ({ lamp, ...choices }) => {
    const { patches, firings } = planStrip(choices, lamp);
    return { patches: [...patches], firings: [...firings] };
  },
});
