import type { StepKind } from './kind.ts';

export const printDeveloper = {
  id: 'print-developer',
  name: 'Developer',
  inSentence: 'developer',
  water: false,
  usualSeconds: 60,
  agitation: 'continuous',
  toleranceC: 2,
  afterwards: 'keep',
  opensToLightAfter: null,
  caution: 'Tongs or gloves. Keep the air moving.',
} as const satisfies StepKind;
