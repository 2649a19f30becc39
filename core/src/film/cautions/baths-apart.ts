import type { Caution } from './caution.ts';

/** More than this between the coolest and the warmest bath wrinkles the emulsion, °C. */
const APART = 3;

export const bathsApart = {
  id: 'baths-apart',
  applies: ({ bathTemperaturesC }) =>
    bathTemperaturesC.length > 1 &&
    Math.max(...bathTemperaturesC) - Math.min(...bathTemperaturesC) > APART,
  sentence: 'The baths are more than 3 °C (5.4 °F) apart: the emulsion can wrinkle.',
} as const satisfies Caution;
