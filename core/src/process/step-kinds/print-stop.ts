import type { StepKind } from './kind.ts';

export const printStop = {
  id: 'print-stop',
  name: 'Stop',
  inSentence: 'stop',
  water: false,
  usualSeconds: 15,
  agitation: 'continuous',
  toleranceC: 3,
  afterwards: 'keep',
  opensToLightAfter: null,
  caution: '',
} as const satisfies StepKind;
