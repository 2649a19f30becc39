import type { AgitationScheme } from './scheme.ts';

export const rotary = {
  id: 'rotary',
  name: 'continuous, rotary',
  initialSeconds: 0,
  everySeconds: 0,
  burstSeconds: 0,
  turns: 0,
  continuous: true,
  hands: 'Let it turn, both ways',
} as const satisfies AgitationScheme;
