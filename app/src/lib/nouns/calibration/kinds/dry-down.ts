import { percentInStops } from '@katachron/core';
import { stopsInWords } from '../../../words/fraction.ts';
import { bodyOf, type Things } from '../changes.ts';
import { numberField } from '../fields/simple.ts';
import { paperField } from './common.ts';
import { called } from '../../../words/called.ts';
import { testKind } from './kind.ts';

/** What a paper dries darker. */
export const dryDown = testKind({
  id: 'dry-down',
  group: 'paper',
  name: 'Dry-down',
  question: 'How much darker is a print dry than it was judged wet?',
  list: ['one print kept wet, and the same with 2, 4 … 12 % less light, dried'],
  evening: () => [
    'Six prints with 2, 4, 6, 8, 10 and 12 % less light, all dried as usual.',
    'The same print with the full time, still wet, beside them in viewing light.',
    'Which of the dried ones looks like the wet one?',
  ],
  fields: {
    paper: paperField,
    percent: numberField({
      ...{ label: 'The one that matches got less, %', title: 'the per cent', example: 8 },
      ...{ hint: 'Between two: the middle.', least: 0, most: 30 },
    }),
  },
  nameOf: ({ paper }) => paper,
  solve: ({ percent }) => ({ stops: Math.abs(percentInStops(-percent)) }),
  tell: ({ stops }, { percent }) => ({
    number: `${percent} %`,
    unit: 'less light',
    sentence: `The dried print with ${percent} % less light matches the wet one: it dries ${stopsInWords(stops)} darker, ${stops.toFixed(2)} stop.`,
    more: ['Steps of 2 % know it to 0.03 stop; dry verdicts in the logbook go on from there.'],
    cautions: [],
  }),
  changes: ({ stops }, { paper }, { papers }: Things) =>
    papers
      .filter((one) => one === called(papers, paper))
      .map((kept) => ({
        label: `Write it on ${kept.name}`,
        done: `${kept.name} dries ${stops.toFixed(2)} stop darker.`,
        shelf: 'papers',
        thing: kept,
        name: kept.name,
        body: { ...bodyOf(kept), dryDownStops: stops },
      })),
  hangsOn: ['paper', 'developer', 'eyes'],
  doubtAfterDays: 730,
  drift: { amount: 0.03, unit: 'stop' },
  shortCheck: 'The next print judged wet: does it look as said when it is dry?',
});
