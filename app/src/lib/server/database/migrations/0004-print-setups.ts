import type { Migration } from './migration.ts';
import { shelfTable } from './shelf.ts';

/** Enlargers, papers, and what was found for a set-up of the two; the proofs of rolls. */
export const printSetups: Migration = {
  name: '0004-print-setups',
  up: [shelfTable('enlargers'), shelfTable('papers'), shelfTable('findings'), shelfTable('proofs')],
  down: ['DROP TABLE proofs', 'DROP TABLE findings', 'DROP TABLE papers', 'DROP TABLE enlargers'],
};
