import type { Migration } from './migration.ts';

/** `words` holds all that a logbook entry is found by; `found_by` is made from it by the database. */
const searched = `
  title text NOT NULL,
  words text NOT NULL,
  made_at timestamptz NOT NULL,
  found_by tsvector NOT NULL GENERATED ALWAYS AS (to_tsvector('simple', words)) STORED`;

const versioned = `
  id uuid PRIMARY KEY,
  version integer NOT NULL CHECK (version > 0),
  body jsonb NOT NULL`;

export const firstSlice: Migration = {
  name: '0001-first-slice',
  up: [
    `CREATE TABLE recipes (${versioned},
       film text NOT NULL,
       developer text NOT NULL,
       exposure_index double precision NOT NULL)`,
    `CREATE TABLE rolls (${versioned}, ${searched},
       state text NOT NULL DEFAULT 'planned' CHECK (state IN ('planned', 'developing', 'developed')),
       started_at timestamptz,
       finished_at timestamptz)`,
    `CREATE TABLE prints (${versioned}, ${searched})`,
    `CREATE TABLE run_events (
       id uuid PRIMARY KEY,
       roll_id uuid NOT NULL REFERENCES rolls (id),
       at timestamptz NOT NULL,
       body jsonb NOT NULL)`,
    'CREATE INDEX recipes_by_film ON recipes (film, developer, exposure_index)',
    'CREATE INDEX rolls_by_time ON rolls (made_at DESC, id)',
    `CREATE INDEX rolls_under_way ON rolls (made_at) WHERE state = 'developing'`,
    'CREATE INDEX rolls_by_word ON rolls USING gin (found_by)',
    'CREATE INDEX prints_by_time ON prints (made_at DESC, id)',
    'CREATE INDEX prints_by_word ON prints USING gin (found_by)',
    'CREATE INDEX run_events_of_roll ON run_events (roll_id, at)',
    `CREATE INDEX run_events_temperatures ON run_events (at DESC) WHERE body ->> 'kind' = 'temperature'`,
  ],
  down: ['DROP TABLE run_events', 'DROP TABLE prints', 'DROP TABLE rolls', 'DROP TABLE recipes'],
};
