import type { StepKind } from './kind.ts';

export const printRinse = {
  id: 'print-rinse',
  name: 'First wash',
  inSentence: 'first wash',
  water: true,
  usualSeconds: 300,
  agitation: 'rest',
  toleranceC: 5,
  afterwards: 'pour away',
  opensToLightAfter: null,
  caution: '',
} as const satisfies StepKind;
