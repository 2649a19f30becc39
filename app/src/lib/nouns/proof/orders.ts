/** More frames than this lie beside each other on no sheet. */
export const MOST_ACROSS = 12;

/** How the frames run on a proof sheet: strip under strip, or strip beside strip. */
export const frameOrders = [
  { id: 'across', name: 'across', more: 'a strip lies under the other' },
  { id: 'down', name: 'down', more: 'a strip stands beside the other' },
] as const;
export type FrameOrder = (typeof frameOrders)[number]['id'];
