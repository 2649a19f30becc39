import type { StepKind } from './kind.ts';

export const drumWarming = {
  id: 'drum-warming',
  name: 'Drum, pre-warmed',
  inSentence: 'warm water',
  water: true,
  usualSeconds: 60,
  agitation: 'continuous',
  toleranceC: 1,
  afterwards: 'pour away',
  opensToLightAfter: null,
  caution: 'Water as warm as the developer; the drum stays closed.',
} as const satisfies StepKind;
