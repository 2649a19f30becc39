import type { Migration } from './migration.ts';
import { shelfTable } from './shelf.ts';

/** Graduates and syringes. */
export const vessels: Migration = {
  name: '0010-vessels',
  up: [shelfTable('vessels')],
  down: ['DROP TABLE vessels'],
};
