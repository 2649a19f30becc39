import { certainText, withinText } from '../../../words/certain.ts';
import {
  Refusal,
  contrastSet,
  contrastSets,
  fitPaper,
  layersFor,
  printedPaper,
  rangeBetweenSteps,
  relativeSpeed,
  type ContrastSetId,
} from '@katachron/core';
import { attempt } from '../../../words/attempt.ts';
import { plainList } from '../../../words/list.ts';
import type { PaperBody } from '../../paper/contract.ts';
import { bodyOf, type Things } from '../changes.ts';
import { choiceField, numberField, textField, timeField } from '../fields/simple.ts';
import { columnsField } from '../fields/tables.ts';
import { paperField } from './common.ts';
import { called } from '../../../words/called.ts';
import { settingMeant } from './setting-meant.ts';
import { testKind } from './kind.ts';
import {
  MOST_TABLET_STEPS,
  oddFields,
  oddWords,
  scanFields,
  stepsFor,
  tabletFields,
} from './tablet.ts';
import { LEAST_BLACK } from '../../paper/limits.ts';

const ownEmulsions = (id: ContrastSetId) => 'ownEmulsions' in contrastSet(id);

/** Most papers are blacker than this. */
const WEAK_BLACK = 1.8;

/** One setting as the test has it. */
export interface TabletSettingFound {
  readonly id: string;
  readonly name: string;
  readonly range: number;
  readonly rangeWithin: number;
  readonly speedStops: number;
  readonly speedWithin: number;
  /** log10 exposure, against step 1, of the speed point. */
  readonly speedLog: number;
  readonly densities: readonly number[];
  /** What each step is off the curve through its neighbours, and those that fit none of them. */
  readonly residuals: readonly number[];
  readonly odd: readonly number[];
  /** R as the two steps beside each end give it, nothing else asked. */
  readonly between?: number;
}

export const paperTablet = testKind({
  id: 'paper-tablet',
  group: 'paper',
  name: 'Paper by a printed tablet',
  family: 'paper-range',
  question: 'How soft and how fast is each setting on this paper, and how black is it?',
  list: [
    'a step tablet, and what a step of it is',
    'one sheet or strip for each setting, of one box',
    'a densitometer, or a scan of the prints beside a reference',
  ],
  evening: ({ prints }) => [
    'In contact or in the carrier, the same head height and aperture for all of them.',
    'Find the time at a middle setting that makes the first two steps black and the last two white; keep it, or write down what each got.',
    `Print the tablet at ${prints && prints.length > 1 ? plainList(prints.map(({ setting }) => setting)) : 'the softest, the hardest and one or two settings between'}, number each on the back.`,
    'Develop all alike, dry them, read every step: step 1, the clearest of the tablet, is the darkest of the print.',
  ],
  caution: 'Gloves or tongs for the baths, mains and wet hands apart.',
  fields: {
    paper: paperField,
    contrastSetId: choiceField({
      label: 'Contrast by',
      title: 'what the contrast comes from',
      options: contrastSets.map(({ id, name }) => ({ id, name })),
    }),
    ...tabletFields,
    ...oddFields,
    ...scanFields,
    prints: columnsField({
      label: 'Densities',
      hint: 'By reflection, paper white counted; a copied column of a spreadsheet is pasted whole.',
      title: 'the prints',
      one: 'a setting',
      heads: {
        setting: textField({ label: 'Setting', title: 'the setting', most: 20 }),
        seconds: timeField({
          ...{ label: 'Printed for, s', title: 'printed for', least: 0.1, most: 3600, example: 12 },
        }),
      },
      cell: numberField({
        ...{ label: 'Density', title: 'the density', least: 0, most: 4, example: 1.37 },
      }),
      rows: MOST_TABLET_STEPS,
      rowsBy: 'stepCount',
      most: 8,
      rowName: (index) => `Step ${index + 1}`,
    }),
  },
  nameOf: ({ paper }) => paper,
  slow: true,
  brief: ({ prints }) => (prints.length === 1 ? '1 setting' : `${prints.length} settings`),
  solve: ({ contrastSetId, prints, oddReading, scanWithin: togetherWithin = 0, ...given }) => {
    const steps = stepsFor(given, prints);
    const settings = prints.map(({ setting }) => settingMeant(contrastSetId, setting));
    const twice = settings.find(({ id }, at) => settings.findIndex((one) => one.id === id) !== at);
    if (twice) {
      throw new Refusal('setting', '/prints', `The setting ${twice.name} is there twice.`);
    }
    const densities = prints.map(({ values }) => values);
    const leaveOut = oddReading !== 'counts';
    // Each grade is an emulsion of its own; filters, dials and lamps expose one.
    const oneEmulsion = !ownEmulsions(contrastSetId);
    const measured = printedPaper({
      ...{ steps, prints: densities, oneEmulsion, leaveOut, togetherWithin },
    });
    const fitted =
      oneEmulsion && prints.length > 1
        ? attempt(() => fitPaper(steps, densities, measured)).value
        : undefined;
    const first = settings[0]!;
    const speedOf = (index: number) =>
      measured[index]!.speedLog + Math.log10(prints[index]!.seconds / prints[0]!.seconds);
    const found = settings.map(({ id, name }, index): TabletSettingFound => {
      const { range, speedLog, within, residuals, odd } = measured[index]!;
      const between = attempt(() => rangeBetweenSteps(steps, densities[index]!)).value?.range;
      return {
        ...{ id, name, range, speedLog, residuals, odd, densities: densities[index]! },
        rangeWithin: within.range,
        // Against the first print, which is as fast as the set says: only differences are measured.
        speedStops: first.speedStops + relativeSpeed(speedOf(index), speedOf(0)),
        speedWithin: within.speedStops,
        ...(between !== undefined && { between }),
      };
    });
    const mean = (of: (one: (typeof measured)[number]) => number) =>
      measured.reduce((sum, one) => sum + of(one), 0) / measured.length;
    return {
      ...{ steps, leaveOut, settings: found },
      dMin: mean((one) => one.dMin),
      dMax: mean((one) => one.dMax),
      ...(fitted && {
        layers: { slope: fitted.paper.slope, span: fitted.span },
        ...{ rest: fitted.rest, misfit: fitted.misfit },
        fittedRanges: fitted.settings.map(({ range }) => range),
      }),
    };
  },
  tell: (
    { settings, dMin, dMax, layers, rest, misfit, fittedRanges, leaveOut },
    { contrastSetId },
  ) => {
    const set = contrastSet(contrastSetId);
    const ranges = settings.map(({ range }) => range);
    const beyond = attempt(() => layersFor({ dMin, dMax }, ranges)).trouble;
    const usual = set.settings.filter(({ id }) => settings.some((one) => one.id === id));
    const off = Math.max(
      ...usual.map(({ id, range }) =>
        Math.abs(range - settings.find((one) => one.id === id)!.range),
      ),
    );
    const between = settings.map(({ between: plain }) => plain?.toFixed(0) ?? '–');
    return {
      number: settings.map(({ range }) => range.toFixed(0)).join(' · '),
      unit: 'R',
      sentence: `${settings.map(({ name, range, rangeWithin }) => `${name}: R ${certainText({ value: range, within: rangeWithin }, 1)} (ISO ${Math.round(range / 10) * 10})`).join('; ')}. White ${dMin.toFixed(2)}, black ${dMax.toFixed(2)}.`,
      more: [
        `Speeds: ${settings.map(({ name, speedStops, speedWithin }) => `${name} ${speedStops >= 0 ? '+' : '−'}${Math.abs(speedStops).toFixed(2)} ± ${withinText(speedWithin, 2)}`).join(', ')} stop.`,
        'Read off each print, every step checked by those beside it.',
        `By the two steps beside each end alone R is ${between.join(' · ')}.`,
        `The usual ranges of these settings are off by up to ${off.toFixed(0)} R on this paper.`,
        ...(ownEmulsions(contrastSetId)
          ? ['Each grade is an emulsion of its own: nothing is carried from one to another.']
          : layers && !misfit
            ? [
                `Even layers, for what lies between these settings, miss the steps by ${rest!.toFixed(3)}.`,
              ]
            : layers
              ? []
              : ['One setting tells its own R; a second one tells how the layers lie.']),
      ],
      cautions: [
        ...settings.flatMap(({ name, odd, residuals }) =>
          oddWords(odd, residuals, `${name}, `, !leaveOut),
        ),
        ...(misfit && fittedRanges
          ? [
              `Even layers miss these readings by ${rest!.toFixed(3)}, and would call them R ${fittedRanges.map((range) => range.toFixed(0)).join(' · ')}: this paper is made otherwise. They are not written down; what was read is.`,
            ]
          : []),
        ...(beyond ? [beyond] : []),
        ...(dMax < WEAK_BLACK
          ? [
              `A black of ${dMax.toFixed(2)} is weaker than most papers have. Was the developer tired, or is it a reading of a wet print?`,
            ]
          : []),
      ],
    };
  },
  chart: ({ steps, settings, dMin }) => ({
    label: 'Density over log exposure at each setting',
    across: 'log exposure',
    up: 'density',
    series: settings.map(({ name, densities, residuals }) => ({
      name,
      points: steps.map((x, index) => ({ x, y: densities[index]! })),
      curve: steps.map((x, index) => ({ x, y: densities[index]! - residuals[index]! })),
    })),
    marks: settings.map(({ speedLog }) => ({ x: speedLog, y: dMin + 0.6, name: '' })),
    residuals: settings.flatMap(({ residuals }) =>
      steps.map((x, index) => ({ x, y: residuals[index]! })),
    ),
    residualsUp: 'off its neighbours',
  }),
  changes: (
    { settings, dMin, dMax, layers, misfit },
    { paper, contrastSetId },
    { papers }: Things,
  ) => {
    if (dMax < LEAST_BLACK || dMin > 0.2) return [];
    const kept = called(papers, paper);
    const rounded = (value: number, digits: number) => Number(value.toFixed(digits));
    const body: PaperBody = {
      ...(kept ? bodyOf(kept) : { name: paper, base: 'resin-coated' as const, note: '' }),
      contrastSetId,
      dMin: rounded(Math.max(0, dMin), 3),
      dMax: rounded(dMax, 3),
      settings: settings.map(({ id, range, speedStops, rangeWithin, speedWithin }) => ({
        id,
        range: rounded(range, 1),
        speedStops: rounded(speedStops, 3),
        rangeWithin: rounded(rangeWithin, 2),
        speedWithin: rounded(speedWithin, 3),
      })),
      ...(layers &&
        !misfit && {
          layers: { slope: rounded(layers.slope, 4), span: rounded(layers.span, 4) },
        }),
    };
    return [
      {
        label: kept ? `Write it on ${kept.name}` : `Add ${paper} to the papers`,
        done: `${paper} has its own white, black and ${settings.length === 1 ? 'one setting' : `${settings.length} settings`}: strips begin from them.`,
        shelf: 'papers',
        ...(kept && { thing: kept }),
        name: paper,
        body,
      },
    ];
  },
  hangsOn: ['paper', 'head', 'lamp', 'developer'],
  doubtAfterDays: 365,
  drift: { amount: 0.15, unit: 'stop of speed' },
  shortCheck:
    'One strip at a middle setting from the new box: is the first tone where it was, to a sixth of a stop? Then speed and contrast hold.',
});
