import type { Migration } from './migration.ts';
import { shelfTable } from './shelf.ts';

const states = (list: string) =>
  `ALTER TABLE rolls DROP CONSTRAINT rolls_state_check,
     ADD CONSTRAINT rolls_state_check CHECK (state IN (${list}))`;

/** Tanks, holders, fixer baths and house procedures; rolls from the camera on to the proof. */
export const film: Migration = {
  name: '0002-film',
  up: [
    shelfTable('tanks'),
    shelfTable('holders'),
    shelfTable('baths'),
    shelfTable('procedures'),
    states(`'exposed', 'planned', 'developing', 'developed', 'proofed'`),
    `CREATE INDEX rolls_exposed ON rolls (made_at) WHERE state IN ('exposed', 'planned')`,
    `CREATE INDEX rolls_by_tank ON rolls ((body #>> '{tank,id}')) WHERE body ? 'tank'`,
    `CREATE INDEX rolls_by_recipe ON rolls
       ((body #>> '{recipe,film}'), (body #>> '{recipe,developer}'), made_at DESC)
       WHERE body ? 'judgement'`,
  ],
  down: [
    'DROP INDEX rolls_by_recipe',
    'DROP INDEX rolls_by_tank',
    'DROP INDEX rolls_exposed',
    `UPDATE rolls SET state = 'developed' WHERE state = 'proofed'`,
    `DELETE FROM rolls WHERE state = 'exposed'`,
    states(`'planned', 'developing', 'developed'`),
    'DROP TABLE procedures',
    'DROP TABLE baths',
    'DROP TABLE holders',
    'DROP TABLE tanks',
  ],
};
