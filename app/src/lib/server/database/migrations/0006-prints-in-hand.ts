import type { Migration } from './migration.ts';

/** A print is a row from its first strip on. */
export const printsInHand: Migration = {
  name: '0006-prints-in-hand',
  up: [
    `CREATE TABLE prints_in_hand (
       id uuid PRIMARY KEY,
       version integer NOT NULL CHECK (version > 0),
       body jsonb NOT NULL,
       state text NOT NULL CHECK (state IN ('in-hand', 'put-aside', 'made')),
       touched_at timestamptz NOT NULL)`,
    'CREATE INDEX prints_in_hand_last ON prints_in_hand (touched_at DESC, id DESC)',
    `CREATE INDEX prints_in_hand_now ON prints_in_hand (touched_at DESC, id DESC) WHERE state <> 'made'`,
  ],
  down: ['DROP TABLE prints_in_hand'],
};
