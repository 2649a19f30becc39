import type { Migration } from './migration.ts';

/** A picture in its colours, where they count: of a colour print. */
export const pictureColours: Migration = {
  name: '0022-picture-colours',
  up: [
    `CREATE TABLE picture_colours (
       id uuid PRIMARY KEY REFERENCES pictures (id) ON DELETE CASCADE,
       preview bytea NOT NULL)`,
    // It is compressed already.
    'ALTER TABLE picture_colours ALTER COLUMN preview SET STORAGE EXTERNAL',
  ],
  down: ['DROP TABLE picture_colours'],
};
