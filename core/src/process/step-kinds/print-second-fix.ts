import type { StepKind } from './kind.ts';

export const printSecondFix = {
  id: 'print-second-fix',
  name: 'Second fix',
  inSentence: 'second fixer',
  water: false,
  usualSeconds: 30,
  agitation: 'continuous',
  toleranceC: 3,
  afterwards: 'keep',
  opensToLightAfter: null,
  caution: '',
} as const satisfies StepKind;
