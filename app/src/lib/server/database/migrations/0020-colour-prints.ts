import type { Migration } from './migration.ts';
import { shelfTable } from './shelf.ts';

/** Colour prints, each with its tests. */
export const colourPrints: Migration = {
  name: '0020-colour-prints',
  up: [shelfTable('colour_prints')],
  down: ['DROP TABLE colour_prints'],
};
