import { Refusal } from '../refusal.ts';

/** How the readings of a tablet agree with each other. */
export interface StepsRead {
  /** What each step is off the curve through all of them, density: positive is darker. */
  readonly residuals: readonly number[];
  /** Steps, counted from 0, whose readings fit none of their neighbours, the worst first. */
  readonly odd: readonly number[];
  /** How far a reading was out here: standard deviation. */
  readonly deviation: number;
}

/** Fewer readings check nothing. */
const LEAST_STEPS = 5;
/** Steps nearer to each other than this are one, log10 exposure. */
const LEAST_APART = 0.01;
const MOST_LOG = 10;
/** A densitometer shows no more, and a little less than nothing where its zero is off. */
const MOST_DENSITY = 8;
const LEAST_DENSITY = -0.1;

/**
 * What every tablet is asked before it is read: a density for each step, steps that fall, and readings that run the way they have to.
 * @throws Refusal with the code given
 */
export const checkSteps = (
  steps: readonly number[],
  densities: readonly number[],
  code: string,
  darkest: string,
): void => {
  const refuse = (sentence: string): never => {
    throw new Refusal(code, '/densities', sentence);
  };
  if (steps.length < LEAST_STEPS || densities.length !== steps.length) {
    refuse(
      `Give a density for each of the ${steps.length} steps, ${LEAST_STEPS} of them at least.`,
    );
  }
  if (
    steps[0]! - steps.at(-1)! > MOST_LOG ||
    steps.some((step, index) => index > 0 && !(steps[index - 1]! - step >= LEAST_APART))
  ) {
    refuse('Each step of a tablet gives less light than that before it.');
  }
  const wrong = densities.findIndex((one) => !(one >= LEAST_DENSITY && one <= MOST_DENSITY));
  if (wrong >= 0)
    refuse(`Step ${wrong + 1} reads no density: those are from 0 to ${MOST_DENSITY}.`);
  const half = Math.floor(densities.length / 2);
  const mean = (values: readonly number[]) =>
    values.reduce((sum, value) => sum + value, 0) / values.length;
  if (mean(densities.slice(0, half)) < mean(densities.slice(-half))) {
    refuse(
      `The first steps are lighter than the last. Step 1, the clearest of the tablet, is the ${darkest}.`,
    );
  }
};
