import { quickFilmTest, proofHighlights, proofShadows } from '@katachron/core';
import { clockTime } from '../../../words/duration.ts';
import { choiceField, numberField, timeField } from '../fields/simple.ts';
import { filmField } from './common.ts';
import { testKind } from './kind.ts';
import { recipeFromTest } from './recipe-from-test.ts';

/** One roll, one proof, two looks. */
export const filmQuick = testKind({
  id: 'film-quick',
  group: 'film',
  name: 'Film, the quick way',
  family: 'film-speed',
  question: 'Is box speed right for me, and the development, as far as one roll can tell?',
  list: [
    'a roll at box speed with shadows and highlights that matter',
    'a proof at the minimum time for maximum black, dry, in viewing light',
  ],
  evening: () => [
    'Proof the roll at the minimum time for maximum black, at the setting that is usual.',
    'Look at the shadows alone: are they as open as they were meant to be?',
    'Then at the highlights: textured, grey, or blocked?',
  ],
  fields: {
    film: filmField,
    exposedAt: numberField({
      label: 'EI it was shot at',
      hint: 'The box speed, the first time.',
      title: 'the EI',
      least: 0.8,
      most: 25_600,
      example: 400,
    }),
    developedSeconds: timeField({
      ...{ label: 'Developed for', hint: 'As 8:00.', title: 'how long it was developed' },
      ...{ least: 30, most: 7200, example: 480 },
    }),
    shadows: choiceField({
      label: 'The shadows',
      title: 'how the shadows look',
      options: proofShadows,
    }),
    highlights: choiceField({
      label: 'The highlights',
      title: 'how the highlights look',
      options: proofHighlights,
    }),
  },
  nameOf: ({ film }) => film,
  developedInto: 'developedSeconds',
  solve: ({ exposedAt, developedSeconds, shadows, highlights }) =>
    quickFilmTest(exposedAt, developedSeconds, shadows, highlights),
  tell: ({ exposureIndex, seconds, speedMoved, timeMoved }, { exposedAt, developedSeconds }) => ({
    number: `EI ${exposureIndex}`,
    unit: clockTime(seconds),
    sentence: speedMoved
      ? `The shadows ask for EI ${exposureIndex} instead of ${exposedAt}: first the shadows, by exposure.`
      : `The shadows are right at EI ${exposedAt}.`,
    more: [
      timeMoved
        ? `The highlights ask for ${clockTime(seconds)} instead of ${clockTime(developedSeconds)}: then the highlights, by development.`
        : 'The highlights are right: develop as before.',
    ],
    cautions: ['One roll and one look: good to half a stop or so. A step tablet knows more.'],
  }),
  changes: ({ exposureIndex, seconds }, { film }, things) =>
    recipeFromTest(things, film, { exposureIndex, seconds, evidence: 'A roll and its proof' }),
  hangsOn: ['film', 'developer', 'meter', 'thermometer', 'eyes'],
  doubtAfterDays: 180,
  drift: { amount: 0.5, unit: 'stop' },
  shortCheck: 'Look at the shadows of the next proof: open as meant? Then nothing changed.',
});
