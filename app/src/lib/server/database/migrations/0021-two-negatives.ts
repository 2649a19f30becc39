import type { Migration } from './migration.ts';
import { shelfTable } from './shelf.ts';

/** Prints of two negatives on one sheet. */
export const twoNegatives: Migration = {
  name: '0021-two-negatives',
  up: [shelfTable('two_negatives')],
  down: ['DROP TABLE two_negatives'],
};
