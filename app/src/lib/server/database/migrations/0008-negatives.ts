import type { Migration } from './migration.ts';
import { shelfTable } from './shelf.ts';

/** What is known of a negative, found by its name. */
export const negatives: Migration = {
  name: '0008-negatives',
  up: [shelfTable('negatives'), 'CREATE INDEX negatives_by_name ON negatives (lower(name))'],
  down: ['DROP TABLE negatives'],
};
