import type { StepKind } from './kind.ts';

export const printToner = {
  id: 'print-toner',
  name: 'Toner',
  inSentence: 'toner',
  water: false,
  usualSeconds: 180,
  agitation: 'continuous',
  toleranceC: 3,
  afterwards: 'keep',
  opensToLightAfter: null,
  caution:
    'Toner is toxic: gloves, moving air, no food near it. Read its data sheet, and follow local rules for what is spent.',
} as const satisfies StepKind;
