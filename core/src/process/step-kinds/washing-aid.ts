import type { StepKind } from './kind.ts';

export const washingAid = {
  id: 'washing-aid',
  name: 'Washing aid',
  inSentence: 'washing aid',
  water: false,
  usualSeconds: 90,
  agitation: 'continuous',
  toleranceC: 3,
  afterwards: 'keep',
  opensToLightAfter: null,
  caution: '',
} as const satisfies StepKind;
