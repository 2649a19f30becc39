import type { Migration } from './migration.ts';
import { shelfTable } from './shelf.ts';

/** What was found by a test, and by what evidence; and what came of comparisons. */
export const calibrations: Migration = {
  name: '0019-calibrations',
  up: [shelfTable('calibrations'), shelfTable('comparisons')],
  down: ['DROP TABLE comparisons', 'DROP TABLE calibrations'],
};
