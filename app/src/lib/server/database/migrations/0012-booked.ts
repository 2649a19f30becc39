import type { Migration } from './migration.ts';

/** Which roll or sheet an entry of a ledger was booked by, and the print that a sheet belongs to. */
export const booked: Migration = {
  name: '0012-booked',
  up: [
    'ALTER TABLE bath_entries ADD COLUMN source_id uuid',
    'CREATE INDEX bath_entries_of_source ON bath_entries (source_id) WHERE source_id IS NOT NULL',
    "CREATE INDEX prints_by_sheet ON prints USING gin ((body->'sheets') jsonb_path_ops)",
  ],
  down: [
    'DROP INDEX prints_by_sheet',
    'DROP INDEX bath_entries_of_source',
    'ALTER TABLE bath_entries DROP COLUMN source_id',
  ],
};
