import type { StepKind } from './kind.ts';

export const printShortFix = {
  id: 'print-short-fix',
  name: 'Fix to look',
  inSentence: 'fixer, to look',
  water: false,
  usualSeconds: 15,
  agitation: 'continuous',
  toleranceC: 3,
  afterwards: 'keep',
  opensToLightAfter: 1,
  caution: 'Paper box shut, then white light. A keeper goes back for the whole time.',
} as const satisfies StepKind;
