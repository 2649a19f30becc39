import { colourSample } from './pictures.ts';
import type { ColourPrintBody } from '../../nouns/colour-print/contract.ts';

const id = (part: number) => `3d9a5e10-0c7b-4f26-a1d4-${String(part).padStart(12, '0')}`;
const at = (time: string) => Date.parse(`${time}:00Z`);
const setup = {
  ...{ enlarger: 'the tall enlarger', setup: '80 mm at f/8, 41.0 cm', paper: 'Tarn gloss' },
  box: 'box 2',
  correction: { c: 0, m: 5, y: -5, stops: 0 },
};

/** What was printed in colour that winter: one that is right, and one whose last sheet lies there to be judged. */
export const demoColourPrints: readonly { readonly id: string; readonly body: ColourPrintBody }[] =
  [
    {
      id: id(95),
      body: {
        ...{ name: 'Gathering glass, in colour', negative: 'C-004 / 7', ...setup },
        light: { red: 9.6, green: 7.1, blue: 4.4 },
        tests: [
          {
            ...{ id: id(951), atMs: at('2026-02-20T18:40'), pack: { c: 0, m: 44, y: 58 } },
            ...{ seconds: 11.5, box: 'box 2' },
            verdict: {
              cast: { id: 'red', strength: 'slight' },
              thought: 'The apron is warm; the glass itself may be.',
              atMs: at('2026-02-20T19:05'),
            },
          },
          {
            ...{ id: id(952), atMs: at('2026-02-20T19:20'), pack: { c: 0, m: 49, y: 63 } },
            ...{ seconds: 11.9, box: 'box 2' },
            verdict: { stops: 0.083, thought: 'The apron is grey.', atMs: at('2026-02-20T19:50') },
          },
        ],
        note: '',
      },
    },
    {
      id: id(96),
      body: {
        ...{ name: 'The yard in snow, in colour', negative: 'C-004 / 12', ...setup },
        tests: [
          {
            ...{ id: id(961), atMs: at('2026-02-27T18:30'), pack: { c: 0, m: 49, y: 63 } },
            ...{ seconds: 9.4, box: 'box 2', ring: { channel: 'm', step: 5, patches: 5 } },
            verdict: {
              position: 1.5,
              thought: 'Snow between the second and the third.',
              atMs: at('2026-02-27T19:00'),
            },
          },
          {
            ...{ id: id(962), atMs: at('2026-02-27T19:10'), pack: { c: 0, m: 46.5, y: 63 } },
            ...{ seconds: 9.3, box: 'box 2', picture: colourSample.id },
          },
        ],
        note: '',
      },
    },
  ];
