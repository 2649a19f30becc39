import type { StepKind } from './kind.ts';

export const printFix = {
  id: 'print-fix',
  name: 'Fix',
  inSentence: 'fixer',
  water: false,
  usualSeconds: 60,
  agitation: 'continuous',
  toleranceC: 3,
  afterwards: 'keep',
  opensToLightAfter: 1 / 2,
  caution: '',
} as const satisfies StepKind;
