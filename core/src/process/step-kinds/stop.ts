import type { StepKind } from './kind.ts';

export const stop = {
  id: 'stop',
  name: 'Stop, acid',
  inSentence: 'stop',
  water: false,
  usualSeconds: 30,
  agitation: 'continuous',
  toleranceC: 3,
  afterwards: 'keep',
  opensToLightAfter: null,
  caution: 'Acid went into water, never water into acid. Keep the air moving.',
} as const satisfies StepKind;
