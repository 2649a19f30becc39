import type { Migration } from './migration.ts';

/** What happened to a sheet of a print in the trays, as events like those of a roll. */
export const trayEvents: Migration = {
  name: '0009-tray-events',
  up: [
    `CREATE TABLE tray_events (
       id uuid PRIMARY KEY,
       sheet_id uuid NOT NULL,
       at timestamptz NOT NULL,
       body jsonb NOT NULL)`,
    'CREATE INDEX tray_events_of_sheet ON tray_events (sheet_id, at)',
  ],
  down: ['DROP TABLE tray_events'],
};
