import type { AgitationScheme } from './scheme.ts';

export const eachHalfMinute = {
  id: 'each-half-minute',
  name: '5 s every half minute',
  initialSeconds: 30,
  everySeconds: 30,
  burstSeconds: 5,
  turns: 2,
  continuous: false,
  hands: 'Invert it twice, then tap',
} as const satisfies AgitationScheme;
