import type { StepKind } from './kind.ts';

export const warming = {
  id: 'warming',
  name: 'Bottle in water',
  inSentence: 'water bath',
  // Past its time it goes on warming: that may not wait.
  water: false,
  usualSeconds: 600,
  agitation: 'rest',
  toleranceC: 0.5,
  afterwards: 'keep',
  opensToLightAfter: null,
  caution:
    'Turn the bottle and read it again before it is poured. A tight cap holds pressure: leave it loose.',
} as const satisfies StepKind;
