import { withinText } from '../../../words/certain.ts';
import { NINETY_FIVE, countedRange, contrastSet } from '@katachron/core';
import { attempt } from '../../../words/attempt.ts';
import { called } from '../../../words/called.ts';
import { bodyOf, type Things } from '../changes.ts';
import { numberField, optional, textField } from '../fields/simple.ts';
import { paperField } from './common.ts';
import { testKind } from './kind.ts';
import { settingMeant } from './setting-meant.ts';

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
      most: 41,
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
      unit: `± ${withinText(NINETY_FIVE * deviation, 0)}`,
      sentence: `Each end of a count is rounded to a whole step, so it is out by ${deviation.toFixed(1)} R as often as not: too coarse for half grades.`,
      more:
        near.length > 0
          ? [`Usual filters so near: ${near.map(({ name }) => name).join(', ')}.`]
          : [],
      cautions: ['A densitometer or a scan of the same print knows it to a few R.'],
    };
  },
  changes: ({ range, deviation }, { paper, setting }, { papers }: Things) =>
    papers
      .filter((one) => one === called(papers, paper))
      .flatMap((kept) => {
        const meant = attempt(() => settingMeant(kept.contrastSetId, setting)).value;
        if (!meant) return [];
        const before = kept.settings.find(({ id }) => id === meant.id);
        const counted = {
          ...{ id: meant.id, range, rangeWithin: Number((NINETY_FIVE * deviation).toFixed(2)) },
          speedStops: before?.speedStops ?? meant.speedStops,
          ...(before?.speedWithin !== undefined && { speedWithin: before.speedWithin }),
        };
        const others = kept.settings.filter(({ id }) => id !== meant.id);
        return [
          {
            label: `Write it on ${kept.name}`,
            done: `${meant.name} has R ${range.toFixed(0)} on ${kept.name} now.`,
            shelf: 'papers' as const,
            thing: kept,
            name: kept.name,
            body: { ...bodyOf(kept), settings: [...others, counted] },
          },
        ];
      }),
  hangsOn: ['paper', 'head', 'developer'],
  doubtAfterDays: 365,
  drift: { amount: 5, unit: 'R' },
  shortCheck: 'Print the tablet at this setting once more and count: the same steps?',
});
