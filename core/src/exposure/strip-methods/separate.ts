import type { StripMethod } from './method.ts';

export const separate = {
  id: 'separate',
  name: 'separate patches',
  addsUp: false,
  hands: (covered) => `Only patch ${covered + 1} open`,
} as const satisfies StripMethod;
