import type { StepKind } from './kind.ts';

export const printDry = {
  id: 'print-dry',
  name: 'Drying',
  inSentence: 'place to dry',
  water: true,
  usualSeconds: 1800,
  agitation: 'rest',
  toleranceC: 60,
  afterwards: 'keep',
  opensToLightAfter: null,
  caution:
    'A dryer is mains current: dry hands at its plug. Fibre dries face down on a clean screen; judge it when it is quite dry.',
} as const satisfies StepKind;
