import type { StepKind } from './kind.ts';

export const fillAndDump = {
  id: 'fill-and-dump',
  name: 'Wash, fill and dump',
  inSentence: 'fresh water',
  water: true,
  usualSeconds: 300,
  agitation: 'each-minute',
  toleranceC: 3,
  afterwards: 'pour away',
  opensToLightAfter: null,
  caution: '',
} as const satisfies StepKind;
