import type { StepKind } from './kind.ts';

export const drumWash = {
  id: 'drum-wash',
  name: 'Drum, wash',
  inSentence: 'wash water',
  water: true,
  usualSeconds: 120,
  agitation: 'continuous',
  toleranceC: 3,
  afterwards: 'pour away',
  opensToLightAfter: null,
  caution: 'Change the water four times or more; then the print dries before it is judged.',
} as const satisfies StepKind;
