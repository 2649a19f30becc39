import type { StepKind } from './kind.ts';

export const fix = {
  id: 'fix',
  name: 'Fix',
  inSentence: 'fixer',
  water: false,
  usualSeconds: 300,
  agitation: 'each-minute',
  toleranceC: 3,
  afterwards: 'keep',
  opensToLightAfter: 1 / 2,
  caution: 'Fixer carries silver afterwards: keep it, and follow local rules.',
} as const satisfies StepKind;
