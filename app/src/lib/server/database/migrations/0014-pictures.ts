import type { Migration } from './migration.ts';

/** Pictures of prints and negatives: small and grey, never replaced. */
export const pictures: Migration = {
  name: '0014-pictures',
  up: [
    `CREATE TABLE pictures (
       id uuid PRIMARY KEY,
       digest text NOT NULL,
       width integer NOT NULL CHECK (width > 0),
       height integer NOT NULL CHECK (height > 0),
       preview bytea NOT NULL,
       made_at timestamptz NOT NULL)`,
  ],
  down: ['DROP TABLE pictures'],
};
