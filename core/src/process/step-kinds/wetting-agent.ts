import type { StepKind } from './kind.ts';

export const wettingAgent = {
  id: 'wetting-agent',
  name: 'Wetting agent',
  inSentence: 'wetting agent',
  water: false,
  usualSeconds: 30,
  agitation: 'rest',
  toleranceC: 3,
  afterwards: 'pour away',
  opensToLightAfter: null,
  caution: '',
} as const satisfies StepKind;
