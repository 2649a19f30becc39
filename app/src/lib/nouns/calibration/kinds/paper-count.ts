import { countedRange, contrastSet } from '@katachron/core';
import { numberField, optional, textField } from '../fields/simple.ts';
import { paperField } from './common.ts';
import { testKind } from './kind.ts';

/** R of one setting by counting. */
export const paperCount = testKind({
  id: 'paper-count',
  group: 'paper',
  name: 'R by counting steps',
  family: 'paper-range',
  question: 'How soft is this setting on this paper, with no instrument?',
  list: ['a step tablet', 'the paper, its developer, the enlarger'],
  evening: () => [
    'Print the tablet so that its first steps are full black and its last ones paper white.',
    'Dry, in viewing light: count the steps from the first tone to the last that still differs from full black.',
  ],
  fields: {
    paper: paperField,
    setting: textField({
      label: 'The setting',
      hint: 'As filter 2 or grade 3.',
      title: 'which setting it was',
      most: 40,
    }),
    steps: numberField({
      label: 'Steps counted',
      hint: 'Between first tone and full black.',
      title: 'the steps counted',
      least: 2,
      most: 21,
      example: 8,
    }),
    stepLog: optional(
      numberField({
        label: 'A step of the tablet, density',
        hint: 'Left empty: 0.15.',
        title: 'a step of the tablet',
        least: 0.03,
        most: 0.6,
        example: 0.15,
      }),
    ),
  },
  nameOf: ({ paper, setting }) => `${paper}, ${setting}`,
  solve: ({ steps, stepLog }) => countedRange(steps, stepLog),
  tell: ({ range, deviation }) => {
    const near = contrastSet('filters').settings.filter(
      ({ range: usual }) => Math.abs(usual - range) <= deviation,
    );
    return {
      number: `R ${range.toFixed(0)}`,
      unit: `± ${(2 * deviation).toFixed(0)}`,
      sentence: `Each end of a count is rounded to a whole step, so it is out by ${deviation.toFixed(1)} R as often as not: too coarse for half grades.`,
      more:
        near.length > 0
          ? [`Usual filters so near: ${near.map(({ name }) => name).join(', ')}.`]
          : [],
      cautions: ['A densitometer or a scan of the same print knows it to a few R.'],
    };
  },
  hangsOn: ['paper', 'head', 'developer'],
  doubtAfterDays: 365,
  drift: { amount: 5, unit: 'R' },
  shortCheck: 'Print the tablet at this setting once more and count: the same steps?',
});
