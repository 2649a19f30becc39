import type { AgitationScheme } from './scheme.ts';

export const stand = {
  id: 'stand',
  name: 'stand, moved only at the start',
  initialSeconds: 60,
  everySeconds: 0,
  burstSeconds: 0,
  turns: 0,
  continuous: false,
  hands: 'Leave it alone',
} as const satisfies AgitationScheme;
