import { clearingFactors, clipTest } from '@katachron/core';
import Type from 'typebox';
import { seconds } from '../../../kit/fields.ts';
import { operation } from '../operation.ts';

export const clipTestOperation = operation({
  id: 'clip-test',
  summary: 'The fixing time from the clearing of a scrap, and how far the fixer has gone',
  request: Type.Object(
    {
      clearingSeconds: seconds('The clearing time'),
      factor: Type.Unsafe<(typeof clearingFactors)[number]>({
        title: 'The factor',
        type: 'integer',
        enum: [...clearingFactors],
        description: '2, or 3 for tabular-grain film',
      }),
      freshSeconds: Type.Optional(seconds('The clearing time in fresh fixer')),
      rapid: Type.Optional(Type.Boolean({ title: 'A rapid fixer' })),
    },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({
    fixSeconds: Type.Number(),
    lifted: Type.Boolean(),
    towardsSpent: Type.Optional(Type.Number()),
    spent: Type.Optional(Type.Boolean()),
  }),
  example: {
    request: { clearingSeconds: 34, factor: 3, freshSeconds: 28 },
    response: { fixSeconds: 120, lifted: true, towardsSpent: 0.2143, spent: false },
  },
  run: ({ clearingSeconds, factor, ...facts }) => ({ ...clipTest(clearingSeconds, factor, facts) }),
});
