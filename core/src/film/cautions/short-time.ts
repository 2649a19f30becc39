import type { Caution } from './caution.ts';

/** Under this, pouring in and out is a large part of the development, s. */
const SHORT = 240;

export const shortTime = {
  id: 'short-time',
  applies: ({ seconds }) => seconds < SHORT,
  sentence: 'Under four minutes develops unevenly. Go cooler or more dilute.',
} as const satisfies Caution;
