import type { Migration } from './migration.ts';

/** A print whose newest unjudged sheet is dry by now is asked about. */
export const unjudged: Migration = {
  name: '0016-unjudged',
  up: [
    'ALTER TABLE prints ADD COLUMN unjudged_at timestamptz',
    `UPDATE prints SET unjudged_at = (
       SELECT to_timestamp(max((sheet ->> 'exposedAtMs')::float8) / 1000)
       FROM jsonb_array_elements(body -> 'sheets') AS sheet
       WHERE sheet -> 'verdict' IS NULL)`,
    'CREATE INDEX prints_unjudged ON prints (unjudged_at DESC) WHERE unjudged_at IS NOT NULL',
  ],
  down: ['DROP INDEX prints_unjudged', 'ALTER TABLE prints DROP COLUMN unjudged_at'],
};
