import { placedSample } from './pictures.ts';
import type { TwoNegativesBody } from '../../nouns/two-negatives/contract.ts';

/** The furnace hall under the winter sky: one print of two negatives, its grid exposed and picked. */
export const demoTwoNegatives: readonly { readonly id: string; readonly body: TwoNegativesBody }[] =
  [
    {
      id: '3d9a5e10-0c7b-4f26-a1d4-000000000097',
      body: {
        ...{ name: 'The hall under the winter sky', enlarger: 'the tall enlarger' },
        ...{ paper: 'Marrow fibre', place: 'the sky, where the roof ends' },
        a: {
          ...{ negative: 'F-031 / 14', setting: 'filter 2', range: 110, tone: 'VI', seconds: 10 },
          ...{ negativeMm: 36, printMm: 240 },
          // Shifted down and turned a little: its upper edge crosses the sky.
          placed: placedSample('hall', { xMm: 124, yMm: 112, widthMm: 270, turnDegrees: 2 }),
          areas: [{ name: 'the furnace mouth', stops: 0.5 }],
        },
        b: {
          ...{ negative: 'F-033 / 2', setting: 'filter 2', range: 110, tone: 'VII', seconds: 8 },
          ...{ negativeMm: 36, printMm: 300 },
          placed: placedSample('yard', { xMm: 120, yMm: 90, widthMm: 300, turnDegrees: 0 }),
          areas: [{ name: 'all below the roof', stops: -2 }],
        },
        ...{ aStep: 0.333, bStep: 0.25 },
        tests: [
          {
            id: '3d9a5e10-0c7b-4f26-a1d4-000000000971',
            atMs: Date.parse('2026-03-06T19:20:00Z'),
            aSeconds: [10, 12.5],
            bSeconds: [6.8, 8, 9.5],
            picked: { a: 0, b: 0 },
          },
        ],
        easel: { widthMm: 240, heightMm: 180 },
        edge: { widthMm: 24, fillStops: -0.5 },
        ...{ copies: 2, spare: 2, note: '' },
      },
    },
  ];
