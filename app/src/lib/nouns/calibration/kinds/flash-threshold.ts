import { flashThreshold } from '@katachron/core';
import { enlargerSeconds } from '../../../words/duration.ts';
import { numberField, optional, textField, timeField } from '../fields/simple.ts';
import { paperField } from './common.ts';
import { testKind } from './kind.ts';

const time = (label: string, title: string, hint: string, example: number) =>
  timeField({ label, title, hint, least: 0.1, most: 600, example });

/** The longest plain exposure that leaves paper white. */
export const flashThresholdTest = testKind({
  id: 'flash-threshold',
  group: 'light',
  name: 'Flash threshold',
  question: 'How long may the sheet be flashed before it shows?',
  list: [
    'no negative, the lens stopped down, the softest setting',
    'separate patches: firings do not add up here',
  ],
  evening: () => [
    'A coarse strip first; then separate patches a second apart around where tone begins.',
    'Each patch gets its whole time in one firing, the rest of the sheet covered.',
    'Dry, in viewing light: the first patch that has a tone. The Flash page of a print has the clock, and takes what was found here.',
  ],
  fields: {
    paper: paperField,
    setup: textField({
      label: 'The light',
      hint: 'Enlarger, aperture, height, filter: it holds for these only.',
      title: 'what gave the light',
      most: 120,
    }),
    clearSeconds: time(
      'Last patch without a tone, s',
      'the last clear patch',
      'Light on the paper: the dial less the lamp’s lag.',
      5,
    ),
    tonedSeconds: time('First patch with a tone, s', 'the first toned patch', '', 6),
    sharePercent: optional(
      numberField({
        ...{
          label: 'Flash with, %',
          title: 'the share',
          hint: 'Of the threshold; left empty: 80.',
        },
        ...{ least: 10, most: 100, example: 80 },
      }),
    ),
  },
  nameOf: ({ paper }) => paper,
  solve: ({ clearSeconds, tonedSeconds, sharePercent = 80 }) =>
    flashThreshold(clearSeconds, tonedSeconds, sharePercent / 100),
  tell: (
    { thresholdSeconds, flashSeconds, withinSeconds },
    { sharePercent = 80, tonedSeconds },
  ) => ({
    number: enlargerSeconds(thresholdSeconds),
    unit: 's',
    sentence: `The last patch without a tone got ${enlargerSeconds(thresholdSeconds)} s; the first with one ${enlargerSeconds(tonedSeconds)} s, so it is up to ${enlargerSeconds(withinSeconds)} s more.`,
    more: [
      `Flash for ${enlargerSeconds(flashSeconds)} s: ${sharePercent} % of it leaves white white.`,
    ],
    cautions: [],
  }),
  usedBy: 'The Flash page of a print on this paper offers it for its set-up.',
  hangsOn: ['paper', 'lamp', 'developer', 'head', 'lens'],
  doubtAfterDays: 180,
  drift: { amount: 10, unit: '%' },
  shortCheck: 'One patch at the threshold and one a second longer: white and tone, as before?',
});
