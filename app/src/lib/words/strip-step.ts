import type { StripKind } from '@katachron/core';
import { stopsInWords } from './fraction.ts';

type StepUnit = StripKind['step'];

/** How a strip's step is written behind the name of its kind. */
export const stepWords: Record<StepUnit, (step: number) => string> = {
  stops: (step) => `, ${stopsInWords(step)} each`,
  seconds: (step) => `, ${step} s each`,
  fixed: () => '',
};

/** What to type where a step cannot be read. */
export const stepWanted: Record<StepUnit, string> = {
  stops: 'Type the step in stops, for example ⅓ or 0.5.',
  seconds: 'Type the step in seconds, for example 2.',
  fixed: 'This kind of strip has its own step.',
};
