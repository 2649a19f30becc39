import { defaultPaper, layersFor, twoNegativeGrid } from '@katachron/core';
import Type from 'typebox';
import { isoRange, netDensity, seconds } from '../../kit/fields.ts';
import { operation } from './operation.ts';

const side = (title: string) =>
  Type.Object(
    {
      range: isoRange('The range that it is printed at'),
      netDensity: netDensity('The tone that it makes alone'),
      seconds: seconds('The time of that tone'),
      times: Type.Array(seconds('A time of its strips'), {
        title: 'The times of its strips',
        minItems: 1,
        maxItems: 9,
      }),
    },
    { title, additionalProperties: false },
  );

export const twoNegativesOperation = operation({
  id: 'two-negatives',
  summary: 'Two negatives on one sheet: the tone of a place in each cell of a grid of their times',
  request: Type.Object(
    { a: side('The first negative'), b: side('The second negative') },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({
    cells: Type.Array(
      Type.Array(
        Type.Object({
          aSeconds: Type.Number(),
          bSeconds: Type.Number(),
          netDensity: Type.Number({ description: 'above Dmin' }),
        }),
      ),
    ),
  }),
  example: {
    request: {
      a: { range: 110, netDensity: 0.4, seconds: 10, times: [10, 12.6] },
      b: { range: 110, netDensity: 0.2, seconds: 8, times: [8] },
    },
    response: {
      cells: [
        [{ aSeconds: 10, bSeconds: 8, netDensity: 0.724 }],
        [{ aSeconds: 12.6, bSeconds: 8, netDensity: 0.8267 }],
      ],
    },
  },
  run: ({ a, b }) => ({
    cells: twoNegativeGrid(layersFor(defaultPaper, [a.range, b.range]), a, b),
  }),
});
