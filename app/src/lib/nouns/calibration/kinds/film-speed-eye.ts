import {
  COUNT_WITHIN,
  NORMAL_STEPS,
  TARGET_STEP,
  Refusal,
  gradientGrowth,
  speedByEye,
  stepsOnPrint,
  targetStep as usualTarget,
} from '@katachron/core';
import { format } from 'date-fns';
import { attempt } from '../../../words/attempt.ts';
import { ownCurve } from '../own-curves.ts';
import { clockTime } from '../../../words/duration.ts';
import { plainStops, withinInWords } from '../../../words/fraction.ts';
import { numberField, optional, timeField } from '../fields/simple.ts';
import { exposedAtField, exposureFields, exposureWords, filmField, tabletList } from './common.ts';
import { testKind } from './kind.ts';
import { MOST_TABLET_STEPS, stepsOf, tabletFields } from './tablet.ts';
import { recipeFromTest } from './recipe-from-test.ts';

/** Between these the contrast of any film grows. */
const [LEAST_B, MOST_B] = [0.05, 2];

const step = (label: string, title: string, hint: string, example: number) =>
  numberField({ label, hint, title, least: 1, most: MOST_TABLET_STEPS, whole: true, example });

/** Film speed with no instrument but the eye, and the development by the steps of a print. */
export const filmSpeedEye = testKind({
  id: 'film-speed-eye',
  group: 'film',
  name: 'Film speed by eye',
  family: 'film-speed',
  question: 'What speed has this film with my meter, my developer and my hands?',
  list: [...tabletList, 'for the development: the paper, and its minimum time for maximum black'],
  evening: (given, _unit, found) => [
    ...exposureWords(given, 1, found),
    'Develop as a run of its own, by the recipe that is to be tested.',
    'On the dry film look for the last step that can still be told from the tape’s corner.',
    'Print the wedge at the minimum time for maximum black, and count the steps between first tone and full black.',
  ],
  caution: 'Chemistry as in any run: gloves, air, the data sheet.',
  fields: {
    film: filmField,
    exposedAt: exposedAtField,
    ...exposureFields,
    ...tabletFields,
    lastStep: step(
      'Last step told from the tape',
      'the last step that is seen',
      'Counted from the densest, step 1.',
      17,
    ),
    targetStep: optional(
      step(
        'Last step of a right speed',
        'the last step of a right speed',
        `Left empty: ${TARGET_STEP} of 21 in 0.15, as far down another one.`,
        TARGET_STEP,
      ),
    ),
    developedSeconds: optional(
      timeField({
        label: 'Developed for',
        hint: 'As 8:00. Needed for a new time.',
        title: 'how long it was developed',
        least: 30,
        most: 7200,
        example: 480,
      }),
    ),
    printSteps: optional(
      numberField({
        label: 'Steps on the print',
        hint: `From first tone to full black; ${NORMAL_STEPS} of 0.15 are normal.`,
        title: 'the steps on the print',
        least: 3,
        most: MOST_TABLET_STEPS,
        example: 11,
      }),
    ),
    normalSteps: optional(
      numberField({
        label: 'Steps that are normal',
        hint: `Left empty: ${NORMAL_STEPS} of 0.15, as far of another one.`,
        title: 'the steps that are normal',
        least: 3,
        most: MOST_TABLET_STEPS,
        example: NORMAL_STEPS,
      }),
    ),
    paperRange: optional(
      numberField({
        label: 'R of that paper',
        hint: 'At the setting it was printed at; left empty: 110.',
        title: 'R of the paper',
        least: 40,
        most: 200,
        example: 110,
      }),
    ),
    growth: optional(
      numberField({
        label: 'b of the film’s own series',
        hint: 'Of its densities test, as 0.32; left empty: the usual film’s.',
        title: 'b of the series',
        least: LEAST_B,
        most: MOST_B,
        example: 0.32,
      }),
    ),
  },
  known: ({ film = '', growth = '' }, curves) => {
    const own = growth.trim() === '' ? ownCurve(curves, film) : undefined;
    const b = own && attempt(() => gradientGrowth(own.character)).value;
    if (!own || b === undefined || b < LEAST_B || b > MOST_B) return undefined;
    return {
      fields: { growth: b.toFixed(4) },
      sentence: `How fast it gains contrast is known by its densities test of ${format(own.foundAtMs, 'd MMMM yyyy')}: b is ${b.toFixed(2)}. Type another to go by that.`,
    };
  },
  nameOf: ({ film }) => film,
  developedInto: 'developedSeconds',
  solve: ({
    exposedAt,
    lastStep,
    targetStep,
    printSteps,
    developedSeconds,
    paperRange = 110,
    normalSteps,
    growth,
    ...tablet
  }) => {
    const steps = stepsOf(tablet);
    const speed = speedByEye(exposedAt, lastStep, targetStep, steps);
    if (printSteps === undefined) return { speed };
    if (developedSeconds === undefined) {
      throw new Refusal(
        'developed',
        '/developedSeconds',
        'Give how long the film was developed: the steps on the print change that time.',
      );
    }
    return {
      speed,
      print: stepsOnPrint(
        printSteps,
        developedSeconds,
        paperRange,
        growth,
        normalSteps,
        -steps.at(-1)! / (steps.length - 1),
      ),
    };
  },
  tell: ({ speed, print }, { exposedAt, lastStep, targetStep, ...tablet }) => {
    const right = targetStep ?? usualTarget(stepsOf(tablet));
    const apart = plainStops(speed.stopsLess);
    const told =
      speed.stopsLess === 0
        ? `The film has the speed that was set, ${exposedAt}.`
        : `Step ${lastStep} instead of ${right} is ${apart} stop${speed.stopsLess > 1 ? 's' : ''} ${speed.stopsLess > 0 ? 'less' : 'more'} than EI ${exposedAt}: ${speed.exposureIndex.toFixed(0)}.`;
    return {
      number: `EI ${speed.nearest}`,
      unit: `± ${withinInWords(speed.withinStops)}`,
      sentence: `${told} Two people’s last step differ by one: so the ±.`,
      more: print
        ? [
            `On the print ${print.n === 0 ? 'the development is normal' : `it is N${print.n > 0 ? '+' : '−'}${Math.abs(print.n)}: developed too ${print.n > 0 ? 'long' : 'short'}`}. Normal would be ${clockTime(print.seconds)}.`,
            `The gradient is ${print.gradient.toFixed(2)}, wanted is ${print.wantedGradient.toFixed(2)}; a count is out by ${COUNT_WITHIN.toFixed(1)} of a step or so.`,
          ]
        : [],
      cautions: print?.ruleOfThumb
        ? [
            'How fast this film gains contrast is not known: the usual film’s law stood for it, a rule of thumb.',
          ]
        : [],
    };
  },
  changes: ({ speed, print }, { film, developedSeconds }, things) =>
    recipeFromTest(things, film, {
      exposureIndex: speed.nearest,
      seconds: print?.seconds ?? developedSeconds,
      evidence: 'Step tablet by eye',
    }),
  hangsOn: ['film', 'developer', 'meter', 'thermometer', 'eyes'],
  doubtAfterDays: 365,
  drift: { amount: 0.33, unit: 'stop' },
  shortCheck:
    'One sheet or half a roll at the new EI: does the textured shadow have its detail? If so, nothing changed.',
});
