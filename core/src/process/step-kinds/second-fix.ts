import type { StepKind } from './kind.ts';

export const secondFix = {
  id: 'second-fix',
  name: 'Second fix',
  inSentence: 'second fixer',
  water: false,
  usualSeconds: 180,
  agitation: 'each-minute',
  toleranceC: 3,
  afterwards: 'keep',
  opensToLightAfter: null,
  caution: 'Fixer carries silver afterwards: keep it, and follow local rules.',
} as const satisfies StepKind;
