import type { InHandBody } from '../../nouns/in-hand/contract.ts';
import { type PrintDraft } from '../../nouns/in-hand/draft.ts';
import { shownPicture } from './pictures.ts';
import { newDraft } from '../../nouns/in-hand/begin.ts';

interface InHandSeed {
  readonly id: string;
  readonly body: InHandBody;
}

/** As all of the winter's prints were begun. */
const begun: PrintDraft = {
  ...newDraft(),
  ...{ enlarger: 'the tall enlarger', lens: '80 mm', aperture: '8', head: '41.0 cm' },
  ...{ negativeLength: '60', printLength: '240', paper: 'Marrow fibre' },
  ...{ developer: 'Quillow paper 1+9', lag: '0.2', timerStep: '0.1' },
  ...{ first: '5', step: '⅓', patches: '7' },
};
const lamp = { lagSeconds: 0.2, timerStepSeconds: 0.1 };
const firstStrip = {
  settingId: '2',
  choices: { kind: 'stops', method: 'cover-up', firstSeconds: 5, step: 1 / 3, patches: 7 },
  lamp,
  highlight: { position: 3, tone: 'VIII' },
  shadow: { position: 4, tone: 'II' },
} as const;

/** Two prints on the bench, and one that waits for another day. */
export const demoPrintsInHand: readonly InHandSeed[] = [
  {
    id: '7c1d4b60-52e8-4f3a-9100-000000000001',
    body: {
      draft: {
        ...begun,
        ...{ title: 'Annealing oven, the door ajar', negative: 'R-121 / 31' },
        ...{ highlight: 3, shadow: 4 },
        picture: shownPicture('racks', { range: 100, seconds: 10.6 }),
        areas: [
          {
            ...{ name: 'door', stops: '+⅔', settingId: '00', tool: 'card-with-hole' },
            ...{ shape: { kind: 'ellipse', x: 0.13, y: 0.36, rx: 0.13, ry: 0.19 }, soft: 0.06 },
          },
          {
            ...{ name: 'racks', stops: '−⅓', tool: 'wand' },
            ...{ shape: { kind: 'ellipse', x: 0.65, y: 0.36, rx: 0.28, ry: 0.2 }, soft: 0.15 },
          },
          { name: 'corners', stops: '+⅓', tool: 'card', shape: { kind: 'corners' } },
        ],
      },
      state: 'in-hand',
      touchedAtMs: Date.parse('2026-11-24T19:40:00Z'),
    },
  },
  {
    id: '7c1d4b60-52e8-4f3a-9100-000000000002',
    body: {
      draft: {
        ...{ ...begun, title: 'Bram at the bench', negative: 'R-118 / 20' },
        picture: shownPicture('hall', { range: 110 }),
      },
      state: 'in-hand',
      touchedAtMs: Date.parse('2026-11-24T18:05:00Z'),
    },
  },
  {
    id: '7c1d4b60-52e8-4f3a-9100-000000000003',
    body: {
      draft: {
        ...begun,
        ...{ title: 'Cullet heap in frost', negative: 'R-112 / 16', settingId: '2.5' },
        ...{ first: '7.1', step: '¼', patches: '5', earlier: [firstStrip] },
        picture: shownPicture('yard', { range: 90 }),
      },
      state: 'put-aside',
      touchedAtMs: Date.parse('2026-11-08T21:15:00Z'),
    },
  },
];
