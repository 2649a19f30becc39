/** More proofs than this nobody makes of a roll. */
export const MOST_PROOFS = 50;
