import type { Caution } from './caution.ts';

/** Under this, pouring in and out is a large part of the development, s. */
export const LEAST_SECONDS = 240;

export const shortTime = {
  id: 'short-time',
  applies: ({ seconds }) => seconds < LEAST_SECONDS,
  sentence: 'Under four minutes develops unevenly. Go cooler or more dilute.',
} as const satisfies Caution;
