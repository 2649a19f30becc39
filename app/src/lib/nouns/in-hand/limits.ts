/** More strips than this nobody makes for a print. */
export const MOST_STRIPS = 100;
/** More places than this nobody reads. */
export const MOST_SPOTS = 8;

/** What can be fired: the strip, the print that the strips led to, a strip of soft and hard, or one for the flash's threshold. */
export const firedThings = ['strip', 'print', 'pair-1', 'pair-2', 'flash-1', 'flash-2'] as const;
export type Fired = (typeof firedThings)[number];
/** And of a proof, which is no print: the strip across the film's edge, and the sheet itself. */
export const proofThings = ['proof-strip', 'proof-sheet'] as const;
