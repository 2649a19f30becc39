import type { StepKind } from './kind.ts';

export const printHold = {
  id: 'print-hold',
  name: 'Holding water',
  inSentence: 'holding water',
  water: true,
  usualSeconds: 600,
  agitation: 'rest',
  toleranceC: 5,
  afterwards: 'pour away',
  opensToLightAfter: null,
  caution: '',
} as const satisfies StepKind;
