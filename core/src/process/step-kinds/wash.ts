import type { StepKind } from './kind.ts';

export const wash = {
  id: 'wash',
  name: 'Wash',
  inSentence: 'wash water',
  water: true,
  usualSeconds: 600,
  agitation: 'rest',
  caution: '',
} as const satisfies StepKind;
