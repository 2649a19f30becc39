/** More strips than this nobody makes for a print. */
export const MOST_STRIPS = 100;
/** More places than this nobody reads. */
export const MOST_SPOTS = 8;

/** More copies than this nobody exposes in one go. */
export const MOST_COPIES = 24;

/** More test pieces than this do not lie in one tray. */
export const MOST_PIECES = 6;

/**
 * What can be fired: the strip, the print that the strips led to, a strip of soft and hard, one for the flash's threshold, or
 * test pieces of the plan's areas.
 */
export const firedThings = [
  ...(['strip', 'print', 'pair-1', 'pair-2', 'flash-1', 'flash-2', 'pieces'] as const),
] as const;

/** What the thirds of a test piece differ by. */
export const pieceKinds = [
  { id: 'amounts', name: 'three amounts' },
  { id: 'contrasts', name: 'three contrasts' },
] as const;
export type PieceKind = (typeof pieceKinds)[number]['id'];
export type Fired = (typeof firedThings)[number];
/** And of a proof, which is no print: the strip across the film's edge, and the sheet itself. */
export const proofThings = ['proof-strip', 'proof-sheet'] as const;
/** Of a print of two negatives: the strips of its grid, and each negative by itself. */
export const twoThings = ['two-grid', 'two-a', 'two-b'] as const;
export type TwoThing = (typeof twoThings)[number];
/** Of a colour print: a whole sheet, and patches of a ring-around. */
export const colourThings = ['colour-sheet', 'colour-ring'] as const;
export type ColourThing = (typeof colourThings)[number];
