import type { Caution } from './caution.ts';

export const warm = {
  id: 'warm',
  applies: ({ temperatureC }) => temperatureC > 24,
  sentence: 'Above 24 °C (75.2 °F) the gelatin softens and scratches easily.',
} as const satisfies Caution;
