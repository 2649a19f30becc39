import type { StepKind } from './kind.ts';

export const drumDeveloper = {
  id: 'drum-developer',
  name: 'Drum, developer',
  inSentence: 'colour developer',
  water: false,
  usualSeconds: 45,
  agitation: 'continuous',
  toleranceC: 0.3,
  afterwards: 'pour away',
  opensToLightAfter: null,
  caution:
    'Gloves and moving air: colour developer is hard on the skin. Its data sheet comes first.',
} as const satisfies StepKind;
