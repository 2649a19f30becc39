import type { Caution } from './caution.ts';

/** Below this some developing agents stall, °C. */
export const LEAST_C = 18;

export const cold = {
  id: 'cold',
  applies: ({ temperatureC }) => temperatureC < LEAST_C,
  sentence: 'Below 18 °C (64.4 °F) some developing agents stall.',
} as const satisfies Caution;
