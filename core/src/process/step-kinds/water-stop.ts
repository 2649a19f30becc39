import type { StepKind } from './kind.ts';

export const waterStop = {
  id: 'water-stop',
  name: 'Stop, water',
  inSentence: 'water stop',
  water: true,
  usualSeconds: 60,
  agitation: 'continuous',
  toleranceC: 3,
  afterwards: 'pour away',
  opensToLightAfter: null,
  caution: '',
} as const satisfies StepKind;
