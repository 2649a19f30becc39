import type { Migration } from './migration.ts';

/** The file that a picture was made of, where somebody asked to keep it. */
export const originals: Migration = {
  name: '0018-originals',
  up: [
    `CREATE TABLE picture_originals (
       id uuid PRIMARY KEY REFERENCES pictures (id) ON DELETE CASCADE,
       type text NOT NULL,
       file bytea NOT NULL)`,
    // It is compressed already.
    'ALTER TABLE picture_originals ALTER COLUMN file SET STORAGE EXTERNAL',
  ],
  down: ['DROP TABLE picture_originals'],
};
