import type { StripMethod } from './method.ts';

export const onePlace = {
  id: 'one-place',
  name: 'one place, paper moved',
  addsUp: false,
  hands: (covered, patches) =>
    covered === 0
      ? `Patch 1 of ${patches} under the mask`
      : `Move the paper on to patch ${covered + 1}`,
} as const satisfies StripMethod;
