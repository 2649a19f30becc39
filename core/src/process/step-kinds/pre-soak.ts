import type { StepKind } from './kind.ts';

export const preSoak = {
  id: 'pre-soak',
  name: 'Pre-soak',
  inSentence: 'pre-soak',
  water: true,
  usualSeconds: 60,
  agitation: 'rest',
  toleranceC: 1,
  afterwards: 'pour away',
  opensToLightAfter: null,
  caution: '',
} as const satisfies StepKind;
