import type { Migration } from './migration.ts';

/** What happened to a bath: written once, never changed. */
export const bathEntries: Migration = {
  name: '0011-bath-entries',
  up: [
    `CREATE TABLE bath_entries (
       id uuid PRIMARY KEY,
       bath_id uuid NOT NULL,
       at timestamptz NOT NULL,
       body jsonb NOT NULL)`,
    'CREATE INDEX bath_entries_of_bath ON bath_entries (bath_id, at)',
  ],
  down: ['DROP TABLE bath_entries'],
};
