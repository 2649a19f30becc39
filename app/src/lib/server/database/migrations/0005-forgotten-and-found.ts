import type { Migration } from './migration.ts';

const states = (list: string) =>
  `ALTER TABLE rolls DROP CONSTRAINT rolls_state_check,
     ADD CONSTRAINT rolls_state_check CHECK (state IN (${list}))`;

/** The steps of a roll's plan that fix. */
const fixing = `SELECT step ->> 'id' AS id FROM jsonb_array_elements(rolls.body #> '{plan,steps}') AS step
  WHERE step ->> 'kind' IN ('fix', 'second-fix')`;

const indexes = {
  rolls_by_tank: `rolls ((body #>> '{tank,id}'), made_at DESC) WHERE (body #>> '{tank,id}') IS NOT NULL`,
  rolls_developed: `rolls (made_at DESC, id DESC) WHERE state IN ('developed', 'proofed')`,
  rolls_waiting: `rolls (made_at DESC, id DESC) WHERE state IN ('exposed', 'planned')`,
  rolls_running: `rolls (started_at DESC) WHERE state = 'developing'`,
  run_events_temperature: `run_events (at DESC) WHERE (body #>> '{kind}') = 'temperature'`,
};

/** Rolls whose run never reached a fixer are stopped, not developed; indexes that match what is asked of them. */
export const forgottenAndFound: Migration = {
  name: '0005-forgotten-and-found',
  up: [
    states(`'exposed', 'planned', 'developing', 'stopped', 'developed', 'proofed'`),
    `UPDATE rolls SET state = 'stopped'
      WHERE state = 'developed' AND EXISTS (${fixing}) AND NOT EXISTS (
        SELECT 1 FROM run_events AS poured
         WHERE poured.roll_id = rolls.id AND poured.body ->> 'kind' = 'poured-in'
           AND poured.body ->> 'stepId' IN (${fixing})
           AND NOT EXISTS (
             SELECT 1 FROM run_events AS undone
              WHERE undone.roll_id = rolls.id AND undone.body ->> 'eventId' = poured.id::text))`,
    'DROP INDEX run_events_temperatures',
    'DROP INDEX rolls_by_tank',
    'DROP INDEX rolls_under_way',
    'DROP INDEX rolls_exposed',
    ...Object.entries(indexes).map(([name, of]) => `CREATE INDEX ${name} ON ${of}`),
  ],
  down: [
    ...Object.keys(indexes).map((name) => `DROP INDEX ${name}`),
    `CREATE INDEX rolls_exposed ON rolls (made_at) WHERE state IN ('exposed', 'planned')`,
    `CREATE INDEX rolls_under_way ON rolls (made_at) WHERE state = 'developing'`,
    `CREATE INDEX rolls_by_tank ON rolls ((body #>> '{tank,id}')) WHERE body ? 'tank'`,
    `CREATE INDEX run_events_temperatures ON run_events (at DESC) WHERE body ->> 'kind' = 'temperature'`,
    `UPDATE rolls SET state = 'developed' WHERE state = 'stopped'`,
    states(`'exposed', 'planned', 'developing', 'developed', 'proofed'`),
  ],
};
