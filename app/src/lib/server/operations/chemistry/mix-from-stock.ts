import { fromStock } from '@katachron/core';
import Type from 'typebox';
import { percent, volumeMl } from '../../../kit/fields.ts';
import { operation } from '../operation.ts';

export const mixFromStockOperation = operation({
  id: 'mix-from-stock',
  summary: 'Stock and water for a solution of so many per cent',
  request: Type.Object(
    {
      volumeMl: volumeMl('The volume wanted'),
      percent: percent('The strength wanted'),
      stockPercent: percent('The strength of the stock'),
    },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({ stockMl: Type.Number(), waterMl: Type.Number() }),
  example: {
    request: { volumeMl: 400, percent: 2.5, stockPercent: 28 },
    response: { stockMl: 35.71, waterMl: 364.29 },
  },
  run: ({ volumeMl: wanted, percent: weak, stockPercent }) => ({
    ...fromStock(wanted, weak, stockPercent),
  }),
});
