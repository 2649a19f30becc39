import { withinPercent } from '../../../words/certain.ts';
import { exposureToGive, lossFromTests } from '@katachron/core';
import { enlargerSeconds } from '../../../words/duration.ts';
import { stopsInWords } from '../../../words/fraction.ts';
import { timeField } from '../fields/simple.ts';
import { rowsField } from '../fields/tables.ts';
import { paperField } from './common.ts';
import { testKind } from './kind.ts';

const time = (label: string, title: string, hint = '') =>
  timeField({ label, title, hint, least: 0.5, most: 7200, example: 120 });

/** What a paper loses in long exposures. */
export const paperReciprocity = testKind({
  id: 'paper-reciprocity',
  group: 'paper',
  name: 'Long exposures of a paper',
  question: 'What does this paper lose when the lens is stopped down and the time grows?',
  list: ['a plain grey print, the lens wide open', 'the same light with the lens stopped down'],
  evening: () => [
    'A grey at a short time, the lens open: the one to match.',
    'Stop down by two, then by four stops, and print greys at the time worked out and at 5, 10, 20, 30, 50 % more.',
    'Dry, lay them beside the first: of each series, which is as dark?',
  ],
  fields: {
    paper: paperField,
    tests: rowsField({
      label: 'Worked out and needed',
      hint: 'Both in seconds: the time by the stops alone, and the one that matched.',
      title: 'the tests',
      one: 'a test',
      columns: {
        meteredSeconds: time('Worked out', 'worked out'),
        neededSeconds: time('Needed', 'needed'),
      },
      least: 1,
      most: 10,
    }),
    wantedSeconds: time('A time to be worth', 'a time to be worth', 'Asked now, as 3:00.'),
  },
  nameOf: ({ paper }) => paper,
  solve: ({ tests, wantedSeconds }) => {
    const loss = lossFromTests(tests);
    return { ...loss, seconds: exposureToGive(wantedSeconds, loss) };
  },
  tell: ({ fromSeconds, lossPerDoubling, within, seconds }, { wantedSeconds }) => ({
    number: enlargerSeconds(seconds),
    unit: 's',
    sentence: `To be worth ${wantedSeconds} s: ${stopsInWords(Math.log2(seconds / wantedSeconds))} more. The paper loses ${Math.round(100 * lossPerDoubling)} % of the light at each doubling beyond ${fromSeconds} s, ± ${withinPercent(within)}.`,
    more: [],
    cautions:
      lossPerDoubling === 0 ? ['It lost nothing in these tests; longer ones may tell more.'] : [],
  }),
  hangsOn: ['paper'],
  doubtAfterDays: 730,
  drift: { amount: 0.05, unit: 'of the light' },
  shortCheck: 'One grey, four stops down, at the time that is said: as dark as the open one?',
});
