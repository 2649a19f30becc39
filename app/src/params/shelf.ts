import { shelfNames, type ShelfName } from '$lib/nouns/shelf-names.ts';

/** Does an address name a shelf? */
export const match = (name: string): name is ShelfName =>
  shelfNames.some((known) => known === name);
