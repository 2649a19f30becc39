import type { NegativeMark } from './mark.ts';

export const bubbles = {
  id: 'bubbles',
  name: 'small round thin spots',
  cause: 'Air bubbles sat on the film.',
  change: 'Tap the tank after each turn; try a pre-soak.',
} as const satisfies NegativeMark;
