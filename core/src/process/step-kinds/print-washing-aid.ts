import type { StepKind } from './kind.ts';

export const printWashingAid = {
  id: 'print-washing-aid',
  name: 'Washing aid',
  inSentence: 'washing aid',
  water: false,
  usualSeconds: 120,
  agitation: 'continuous',
  toleranceC: 3,
  afterwards: 'keep',
  opensToLightAfter: null,
  caution: '',
} as const satisfies StepKind;
