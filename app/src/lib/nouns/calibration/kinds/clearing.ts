import { clipTest, clearingFactors } from '@katachron/core';
import { clockTime } from '../../../words/duration.ts';
import { choiceField, textField, timeField } from '../fields/simple.ts';
import { filmField } from './common.ts';
import { testKind } from './kind.ts';

/** How fast a film clears in fresh fixer. */
export const clearing = testKind({
  id: 'clearing',
  group: 'film',
  name: 'Clearing time of a film',
  question: 'How long does this film take to clear in fresh fixer?',
  list: ['a scrap of the film', 'fresh fixer at its usual dilution and warmth'],
  evening: () => [
    'A drop of fixer on the dry scrap; half a minute later the scrap into the fixer, moved.',
    'Stop the clock when the drop’s place can no longer be told from the rest. The clip test on the Film pages has the clock.',
  ],
  caution: 'Fixer: gloves, air, away from acids and bleach.',
  fields: {
    film: filmField,
    fixer: textField({
      label: 'The fixer',
      hint: 'With its dilution.',
      title: 'which fixer it is',
    }),
    clearingSeconds: timeField({
      ...{ label: 'It cleared in', title: 'the clearing time', least: 10, most: 900, example: 45 },
      hint: 'In fresh fixer.',
    }),
    grain: choiceField({
      label: 'Kind of film',
      title: 'which kind of film it is',
      options: [
        { id: 'ordinary', name: 'ordinary grain, twice the clearing time' },
        { id: 'tabular', name: 'tabular grain, three times' },
      ],
    }),
  },
  nameOf: ({ film, fixer }) => `${film} in ${fixer}`,
  solve: ({ clearingSeconds, grain }) =>
    clipTest(clearingSeconds, grain === 'tabular' ? clearingFactors[1] : clearingFactors[0]),
  tell: ({ fixSeconds, lifted }, { clearingSeconds }) => ({
    number: clockTime(clearingSeconds),
    unit: 'fresh',
    sentence: `It clears in ${clockTime(clearingSeconds)}: fix for ${clockTime(fixSeconds)}${lifted ? ', the least for film' : ''}. A fixer that takes ${clockTime(2 * clearingSeconds)} is spent.`,
    more: [],
    cautions: [],
  }),
  hangsOn: ['film', 'fixer'],
  doubtAfterDays: 730,
  drift: { amount: 5, unit: 's' },
  shortCheck: 'A scrap in the next fresh fixer: the same time?',
});
