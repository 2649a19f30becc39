import type { Caution } from './caution.ts';

export const cold = {
  id: 'cold',
  applies: ({ temperatureC }) => temperatureC < 18,
  sentence: 'Below 18 °C (64.4 °F) some developing agents stall.',
} as const satisfies Caution;
