import type { Caution } from './caution.ts';

export const pushAndContrast = {
  id: 'push-and-contrast',
  applies: (facts) => facts.pushedAndContrast === true,
  sentence:
    'The speed used and N both change the time, and they multiply. Another speed changes the contrast already: as a rule one of the two is meant.',
} as const satisfies Caution;
