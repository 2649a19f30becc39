import type { StepKind } from './kind.ts';

export const rinse = {
  id: 'rinse',
  name: 'Rinse',
  inSentence: 'rinse water',
  water: true,
  usualSeconds: 60,
  agitation: 'continuous',
  toleranceC: 3,
  afterwards: 'pour away',
  opensToLight: false,
  caution: '',
} as const satisfies StepKind;
