import { makesMud } from './together.ts';

/** Lighter than this a place of a negative is clean: the other one speaks there. */
const CLEAN = 0.12;
/** So much darker than the darker of the two is no tone that anybody meant. */
const TOO_DARK = 0.3;

/** How a place looks where two negatives lie over each other. */
export interface TwoLook {
  readonly id: 'fine' | 'mud' | 'hold-back';
  /** What a tone alone of each, and the tone of both together, amount to; densities above Dmin. */
  readonly applies: (a: number, b: number, together: number) => boolean;
}

/** The first that applies is said. */
export const twoLooks: readonly TwoLook[] = [
  { id: 'mud', applies: (a, b) => makesMud(a, b) },
  {
    id: 'hold-back',
    applies: (a, b, together) => Math.min(a, b) > CLEAN && together - Math.max(a, b) >= TOO_DARK,
  },
  { id: 'fine', applies: () => true },
];
