import type { Migration } from './migration.ts';

/** Plans are taken over from other prints of the same negative. */
export const byNegative: Migration = {
  name: '0015-by-negative',
  up: [
    `CREATE INDEX prints_by_negative ON prints (lower(body #>> '{setup,negative}'), made_at DESC)`,
    `CREATE INDEX prints_in_hand_by_negative ON prints_in_hand (lower(body #>> '{draft,negative}'))`,
  ],
  down: ['DROP INDEX prints_in_hand_by_negative', 'DROP INDEX prints_by_negative'],
};
