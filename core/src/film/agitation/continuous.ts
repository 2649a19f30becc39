import type { AgitationScheme } from './scheme.ts';

export const continuous = {
  id: 'continuous',
  name: 'continuous',
  initialSeconds: 0,
  everySeconds: 0,
  burstSeconds: 0,
  turns: 0,
  continuous: true,
  hands: 'Keep it moving',
} as const satisfies AgitationScheme;
