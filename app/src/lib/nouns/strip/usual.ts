import type { StripChoices } from '@katachron/core';

/**
 * The first strip where nothing is known: twelve patches of half a stop from 2 s. Ten reach 45 s, and close to half of all first
 * strips then have a pick at an end; twelve reach 90 s.
 */
export const usualStrip = {
  ...{ kind: 'stops', method: 'cover-up', firstSeconds: 2, step: 0.5, patches: 12 },
} as const satisfies StripChoices;
