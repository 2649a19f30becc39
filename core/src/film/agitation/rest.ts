import type { AgitationScheme } from './scheme.ts';

export const rest = {
  id: 'rest',
  name: 'left alone',
  initialSeconds: 0,
  everySeconds: 0,
  burstSeconds: 0,
  turns: 0,
  continuous: false,
  hands: 'Leave it alone',
} as const satisfies AgitationScheme;
