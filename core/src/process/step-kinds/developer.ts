import type { StepKind } from './kind.ts';

export const developer = {
  id: 'developer',
  name: 'Developer',
  inSentence: 'developer',
  water: false,
  usualSeconds: 540,
  agitation: 'each-minute',
  caution: 'Gloves on. The developer’s data sheet comes first.',
} as const satisfies StepKind;
