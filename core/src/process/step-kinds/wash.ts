import type { StepKind } from './kind.ts';

export const wash = {
  id: 'wash',
  name: 'Wash',
  inSentence: 'wash water',
  water: true,
  usualSeconds: 600,
  agitation: 'rest',
  toleranceC: 3,
  afterwards: 'pour away',
  opensToLightAfter: null,
  caution: '',
} as const satisfies StepKind;
