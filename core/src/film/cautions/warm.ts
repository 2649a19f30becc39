import type { Caution } from './caution.ts';

/** Above this gelatin softens, °C. */
export const MOST_C = 24;

export const warm = {
  id: 'warm',
  applies: ({ temperatureC }) => temperatureC > MOST_C,
  sentence: 'Above 24 °C (75.2 °F) the gelatin softens and scratches easily.',
} as const satisfies Caution;
