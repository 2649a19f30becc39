import type { StepKind } from './kind.ts';

export const secondDeveloper = {
  id: 'second-developer',
  name: 'Developer, second bath',
  inSentence: 'second bath',
  water: false,
  usualSeconds: 240,
  agitation: 'each-minute',
  toleranceC: 1,
  afterwards: 'keep',
  opensToLightAfter: null,
  caution: 'No rinse between the two baths. Gloves on.',
} as const satisfies StepKind;
