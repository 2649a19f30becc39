import type { Migration } from './migration.ts';
import { shelfTable } from './shelf.ts';

/** What stands in the cupboard. */
export const substances: Migration = {
  name: '0013-substances',
  up: [shelfTable('substances')],
  down: ['DROP TABLE substances'],
};
