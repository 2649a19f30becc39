import type { AgitationScheme } from './scheme.ts';

export const semiStand = {
  id: 'semi-stand',
  name: 'semi-stand, a turn every ten minutes',
  initialSeconds: 60,
  everySeconds: 600,
  burstSeconds: 10,
  turns: 2,
  continuous: false,
  hands: 'Turn it over twice, slowly',
} as const satisfies AgitationScheme;
