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
  opensToLight: false,
  caution: '',
} as const satisfies StepKind;
