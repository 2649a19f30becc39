import { withinPercent } from '../../../words/certain.ts';
import {
  ISO_LOG,
  developmentSeries,
  exposureIndexAt,
  filmBetweenSteps,
  filmDensities as readFilm,
  isoFilmSpeed,
  nearestStandardSpeed,
} from '@katachron/core';
import { attempt } from '../../../words/attempt.ts';
import { withinInWords } from '../../../words/fraction.ts';
import { clockTime } from '../../../words/duration.ts';
import { plainList } from '../../../words/list.ts';
import { numberField, optional, timeField } from '../fields/simple.ts';
import { columnsField } from '../fields/tables.ts';
import { exposedAtField, exposureFields, exposureWords, filmField, tabletList } from './common.ts';
import { developedIn, developedInFields } from './developed-in.ts';
import { testKind } from './kind.ts';
import { recipeFromTest } from './recipe-from-test.ts';
import {
  MOST_TABLET_STEPS,
  oddFields,
  oddWords,
  scanFields,
  stepsFor,
  tabletFields,
} from './tablet.ts';

const density = (label: string, title: string, hint = '') =>
  numberField({ label, hint, title, least: 0, most: 5, example: 0.28 });

/** "N−1", "N". */
const contrastName = (n: number) => (n === 0 ? 'N' : `N${n > 0 ? '+' : '−'}${Math.abs(n)}`);

/** Film speed, gradients and times for other contrasts, by the densities of one to six developments. */
export const filmDensities = testKind({
  id: 'film-densities',
  group: 'film',
  name: 'Film speed and times by densities',
  family: 'film-speed',
  question: 'What speed has this film, how hard is it, and how long is N−1 or N+1?',
  list: [
    ...tabletList,
    'a densitometer, or a scan of the film beside a reference',
    'one sheet or strip for each development: three give times for N−1 to N+1',
  ],
  evening: ({ developments, ...given }, _unit, found) => [
    ...exposureWords(given, Math.max(3, developments?.length ?? 0), found),
    `The first sheet is the shortest development. Develop each as a run of its own${developments && developments.length > 1 ? `: ${plainList(developments.map(({ seconds }) => clockTime(seconds)))}` : ', at three times about a third apart'}.`,
    'Read base and fog beside the tape, then every step, the densest first.',
  ],
  caution: 'Chemistry as in any run: gloves, air, the data sheet.',
  fields: {
    film: filmField,
    exposedAt: exposedAtField,
    ...exposureFields,
    stepOneLog: optional(
      numberField({
        label: 'Step 1 got, log lx·s',
        hint: 'Of a calibrated exposure, as 0.29: then it is an ISO speed.',
        title: 'the exposure of step 1',
        ...{ least: -6, most: 6, example: 0.29 },
      }),
    ),
    ...developedInFields,
    ...tabletFields,
    ...oddFields,
    ...scanFields,
    developments: columnsField({
      label: 'Densities',
      hint: 'Base and fog counted; a copied column of a spreadsheet is pasted whole.',
      title: 'the developments',
      one: 'a development',
      heads: {
        seconds: timeField({
          ...{ label: 'Developed for', title: 'developed for', least: 30, most: 7200 },
          example: 480,
        }),
        baseFog: density('Base and fog', 'base and fog'),
      },
      cell: density('Density', 'the density'),
      rows: MOST_TABLET_STEPS,
      rowsBy: 'stepCount',
      most: 6,
      rowName: (index) => `Step ${index + 1}`,
    }),
  },
  nameOf: ({ film }) => film,
  developedInto: 'developments',
  slow: true,
  brief: ({ developments }) =>
    developments.length === 1 ? '1 development' : `${developments.length} developments`,
  solve: ({ exposedAt, developments, stepOneLog, oddReading, scanWithin = 0, ...given }) => {
    const steps = stepsFor(given, developments);
    // What it was developed in is refused here, where it is typed, and not when it becomes a recipe.
    developedIn(given);
    const leaveOut = oddReading !== 'counts';
    const films = developments
      .map(({ seconds, baseFog, values }) => {
        const read = readFilm({
          ...{ steps, densities: values, baseFog, leaveOut, togetherWithin: scanWithin },
        });
        const exposureIndex = exposureIndexAt(exposedAt, read.speedLog);
        const between = attempt(() => filmBetweenSteps(steps, values, baseFog)).value;
        return {
          ...{ seconds, baseFog, densities: values, ...read, exposureIndex },
          ...(between && { betweenIndex: exposureIndexAt(exposedAt, between.speedLog) }),
        };
      })
      .toSorted((a, b) => a.seconds - b.seconds);
    const tested = films.flatMap(({ seconds, averageGradient, within }) =>
      averageGradient === undefined
        ? []
        : [{ seconds, gradient: averageGradient, within: within.averageGradient! }],
    );
    const series = tested.length > 1 ? developmentSeries(tested) : undefined;
    // The speed that counts is that of the development nearest to N.
    const normal = series?.times.find(({ n }) => n === 0)?.seconds;
    const apart = ({ seconds }: { seconds: number }) =>
      normal === undefined ? 0 : Math.abs(Math.log(seconds / normal));
    const nearest = films.reduce((best, film) => (apart(film) < apart(best) ? film : best));
    const iso =
      stepOneLog === undefined || nearest.isoGradient === undefined
        ? undefined
        : // The standard asks for its own development: without it there is no ISO speed, and all else stands.
          attempt(() =>
            isoFilmSpeed(stepOneLog + nearest.speedLog, nearest.isoGradient! * ISO_LOG),
          );
    return { steps, leaveOut, films, ...(series && { series }), ...(iso && { iso }), nearest };
  },
  tell: ({ films, series, nearest, iso, leaveOut }) => {
    const normal = series?.times.find(({ n }) => n === 0);
    const gradients = films.map(
      ({ seconds, exposureIndex, isoGradient, averageGradient, isNormal }) =>
        `${clockTime(seconds)}: EI ${exposureIndex.toFixed(0)}${averageGradient === undefined ? '' : `, gradient ${averageGradient.toFixed(3)}`}${isoGradient === undefined ? '' : `, ISO ${isoGradient.toFixed(3)}${isNormal ? ' (normal)' : ''}`}.`,
    );
    const times = series?.times.filter(({ n, outside }) => Math.abs(n) <= 1 || !outside) ?? [];
    const parting = times.filter(({ lawsPart }) => lawsPart).map(({ n }) => contrastName(n));
    const outside = times.filter((one) => one.outside).map(({ n }) => contrastName(n));
    return {
      number: `EI ${nearestStandardSpeed(nearest.exposureIndex)}`,
      unit: `± ${withinInWords(nearest.within.speedStops)}`,
      sentence: `At ${clockTime(nearest.seconds)} the density 0.10 above base and fog lies at step ${nearest.speedStep.toFixed(2)}: EI ${nearest.exposureIndex.toFixed(1)}.${normal ? ` Normal development is ${clockTime(normal.seconds)} ± ${withinPercent(normal.withinShare)}.` : ' Two more developments would give the time.'}`,
      more: [
        ...(times.length > 0
          ? [
              `${times.map(({ n, seconds }) => `${contrastName(n)} ${clockTime(seconds)}`).join(' · ')}.`,
            ]
          : []),
        ...gradients,
        ...(nearest.betweenIndex === undefined
          ? []
          : [
              `Every step is checked by those beside it; by the two nearest alone it is EI ${nearest.betweenIndex.toFixed(1)}.`,
            ]),
        ...(iso?.value
          ? [
              `By the standard ISO ${iso.value.nearest}/${iso.value.degrees}°: ${iso.value.speed.toFixed(1)}, from the exposure in lux seconds.`,
            ]
          : []),
        ...(iso?.trouble === undefined ? [] : [iso.trouble]),
        ...(series
          ? [
              `The gradient is ${series.a.toFixed(3).replace('-', '−')} + ${series.b.toFixed(4)}·ln t, t in seconds.`,
            ]
          : []),
      ],
      cautions: [
        ...films.flatMap(({ seconds, odd, residuals }) =>
          oddWords(odd, residuals, `${clockTime(seconds)}, `, !leaveOut),
        ),
        ...(outside.length > 0
          ? [
              `${plainList(outside)}: outside the times that were tested, so carried on and less sure.`,
            ]
          : []),
        ...(parting.length > 0
          ? [
              `${plainList(parting)}: the straight law and the one that nears a highest gradient part by more than 5 %. Test nearer to it.`,
            ]
          : []),
      ],
    };
  },
  chart: ({ steps, films }) => ({
    label: `Density over log exposure of ${films.length} ${films.length === 1 ? 'development' : 'developments'}`,
    across: 'log exposure, zone I at the speed point of EI as set',
    up: 'density',
    series: films.map(({ seconds, densities, residuals }) => ({
      name: clockTime(seconds),
      points: steps.map((x, index) => ({ x, y: densities[index]! })),
      curve: steps.map((x, index) => ({ x, y: densities[index]! - residuals[index]! })),
    })),
    marks: films.map(({ speedLog, baseFog, exposureIndex }) => ({
      x: speedLog,
      y: baseFog + 0.1,
      name: `EI ${exposureIndex.toFixed(0)}`,
    })),
    residuals: films.flatMap(({ residuals }) =>
      steps.map((x, index) => ({ x, y: residuals[index]! })),
    ),
    residualsUp: 'off its neighbours',
  }),
  changes: ({ nearest, series }, { film, exposedAt, ...given }, things) => {
    const normal = series?.times.find(({ n }) => n === 0);
    return recipeFromTest(things, film, {
      exposureIndex: nearestStandardSpeed(nearest.exposureIndex),
      seconds: normal?.seconds ?? nearest.seconds,
      ...(normal && {
        contrast: series!.times.map(({ n, seconds }) => ({ n, share: seconds / normal.seconds })),
      }),
      evidence: 'Step tablet by densities',
      ...{ in: developedIn(given), exposedAt },
    });
  },
  hangsOn: ['film', 'developer', 'meter', 'thermometer'],
  doubtAfterDays: 365,
  drift: { amount: 0.33, unit: 'stop' },
  shortCheck:
    'One sheet with the tablet at the normal time: is the speed point within half a step of what it was? Then the curve still holds.',
});
