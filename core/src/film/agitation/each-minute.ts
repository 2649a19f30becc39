import type { AgitationScheme } from './scheme.ts';

export const eachMinute = {
  id: 'each-minute',
  name: 'four inversions a minute',
  initialSeconds: 30,
  everySeconds: 60,
  burstSeconds: 10,
  turns: 4,
  continuous: false,
  hands: 'Invert it four times, then tap',
} as const satisfies AgitationScheme;
