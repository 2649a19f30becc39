import type { StepKind } from './kind.ts';

export const drumBleachFix = {
  id: 'drum-bleach-fix',
  name: 'Drum, bleach-fix',
  inSentence: 'bleach-fix',
  water: false,
  usualSeconds: 45,
  agitation: 'continuous',
  toleranceC: 0.3,
  afterwards: 'keep',
  opensToLightAfter: 1,
  caution: 'Gloves; away from developer and acids. Its data sheet comes first.',
} as const satisfies StepKind;
