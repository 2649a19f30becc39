import { shelfNames, type ShelfName } from '$lib/nouns/shelves.ts';

/** Does an address name a shelf? */
export const match = (name: string): name is ShelfName =>
  shelfNames.some((known) => known === name);
