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
  opensToLightAfter: null,
  caution: '',
} as const satisfies StepKind;
