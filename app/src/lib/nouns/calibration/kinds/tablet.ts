import { Refusal, TABLET_STEP_LOG, TABLET_STEPS, tabletSteps } from '@katachron/core';
import { plainList } from '../../../words/list.ts';
import { parseDecimal } from '../../../words/decimal.ts';
import { choiceField, numberField, optional, textField } from '../fields/simple.ts';
import { askedSince } from '../fields/since.ts';

/** As many steps as tablets have. */
const counts = ['21', '11', '31', '41'] as const;
export const MOST_TABLET_STEPS = 41;

/** Which tablet it is: asked, since a step of 0.10 that is taken for one of 0.15 makes every answer wrong by half. */
export const tabletFields = {
  stepCount: askedSince(
    choiceField({
      label: 'The tablet has',
      title: 'how many steps the tablet has',
      options: counts.map((id) => ({ id, name: `${id} steps` })),
    }),
  ),
  tabletStep: askedSince(
    textField({
      label: 'A step of the tablet, density',
      hint: 'As its sheet says: 0.15 is half a stop, 0.10 a third. Of a measured tablet: the density of every step, step 1 first.',
      title: 'the density of a step of the tablet, as 0.15',
      most: 400,
    }),
  ),
};

/** What becomes of a reading that fits none of those beside it: whoever looks at it twice decides. */
export const oddFields = {
  oddReading: askedSince(
    choiceField({
      label: 'A reading that fits none beside it',
      title: 'what becomes of a reading that fits none beside it',
      options: [
        { id: 'left-out', name: 'is left out' },
        { id: 'counts', name: 'counts: it was read twice' },
      ],
    }),
  ),
};

/** How well a scan read the densities: a scan that is taken over writes it here. */
export const scanFields = {
  scanWithin: optional(
    numberField({
      label: 'Read from a scan, to ±',
      hint: 'Its readings are off together, which no step tells of another. Empty for a densitometer.',
      title: 'how far the scan may be off',
      ...{ least: 0.001, most: 0.5, example: 0.02 },
    }),
  ),
};

const NO_STEP =
  'Give the step of the tablet as a density, as 0.15, or the density of every step with a space between two of them.';

interface TabletGiven {
  readonly stepCount?: string | undefined;
  readonly tabletStep?: string | undefined;
}

/**
 * log10 exposure of each step, against step 1. Tests from before the tablet was asked for had half a stop, 21 times.
 * @throws Refusal where what was typed is no tablet
 */
export function stepsOf({ stepCount, tabletStep }: TabletGiven): number[] {
  const count = stepCount === undefined ? TABLET_STEPS : Number(stepCount);
  const typed = (tabletStep ?? String(TABLET_STEP_LOG)).trim().split(/[\s;]+/);
  const values = typed.map((one) => parseDecimal(one, '/tabletStep', NO_STEP));
  if (values.length > 1) {
    if (values.length !== count) {
      throw new Refusal(
        'tablet',
        '/tabletStep',
        `The tablet has ${count} steps, and the densities of ${values.length} were typed.`,
      );
    }
    return tabletSteps(values);
  }
  const [step = NaN] = values;
  if (!(step >= 0.03 && step <= 0.6)) {
    throw new Refusal(
      'tablet',
      '/tabletStep',
      'A step of a tablet is from 0.03 to 0.60 of density, as 0.15.',
    );
  }
  return tabletSteps(Array.from({ length: count }, (_, index) => index * step));
}

/**
 * The same, for columns of readings.
 * @throws Refusal where a column has other steps than the tablet
 */
export function stepsFor(
  given: TabletGiven,
  columns: readonly { readonly values: readonly number[] }[],
): number[] {
  const steps = stepsOf(given);
  const other = columns.find(({ values }) => values.length !== steps.length);
  if (other) {
    throw new Refusal(
      'tablet',
      '/stepCount',
      `The tablet has ${steps.length} steps, and ${other.values.length} were read.`,
    );
  }
  return steps;
}

/** "step 18" or "steps 3 and 18", and what is done about them; nothing where all readings agree. */
export function oddWords(
  odd: readonly number[],
  residuals: readonly number[],
  where: string,
  counts: boolean,
): string[] {
  if (odd.length === 0) return [];
  const each = odd.map((index) => {
    const off = residuals[index]!;
    return `step ${index + 1}, ${Math.abs(off).toFixed(2)} ${off > 0 ? 'higher' : 'lower'} than the steps beside it let expect`;
  });
  return [
    `${where}${plainList(each)}: ${counts ? 'it counts, since it was read twice' : 'left out. Read it again; if it is right, say that it counts'}.`,
  ];
}
