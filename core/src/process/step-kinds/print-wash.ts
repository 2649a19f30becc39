import type { StepKind } from './kind.ts';

export const printWash = {
  id: 'print-wash',
  name: 'Wash',
  inSentence: 'wash',
  water: true,
  usualSeconds: 300,
  agitation: 'rest',
  toleranceC: 5,
  afterwards: 'pour away',
  opensToLightAfter: null,
  caution: '',
} as const satisfies StepKind;
