import type { StepKind } from './kind.ts';

export const developer = {
  id: 'developer',
  name: 'Developer',
  inSentence: 'developer',
  water: false,
  usualSeconds: 540,
  agitation: 'each-minute',
  toleranceC: 0.3,
  afterwards: 'pour away',
  opensToLightAfter: null,
  caution: 'Gloves on. The developer’s data sheet comes first.',
} as const satisfies StepKind;
