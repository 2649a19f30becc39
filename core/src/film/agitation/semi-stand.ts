import type { AgitationScheme } from './scheme.ts';

export const semiStand = {
  id: 'semi-stand',
  name: 'semi-stand, two inversions every ten minutes',
  initialSeconds: 60,
  everySeconds: 600,
  burstSeconds: 10,
  turns: 2,
  continuous: false,
  hands: 'Invert it twice, slowly',
} as const satisfies AgitationScheme;
