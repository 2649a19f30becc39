import type { Migration } from './migration.ts';

/** "R-9" before "R-118", and capitals and accents make no difference. */
const collation = `CREATE COLLATION by_name
  (provider = icu, locale = 'en-u-kn-true-ks-level1', deterministic = false)`;

const columns = (table: string) => [
  `ALTER TABLE ${table}
     ALTER COLUMN title TYPE text COLLATE by_name,
     ADD COLUMN material text COLLATE by_name NOT NULL DEFAULT '',
     ADD COLUMN setting text NOT NULL DEFAULT '',
     ADD COLUMN size text NOT NULL DEFAULT '',
     ADD COLUMN seconds double precision NOT NULL DEFAULT 0,
     ADD COLUMN strips integer NOT NULL DEFAULT 0,
     ADD COLUMN tags text[] NOT NULL DEFAULT '{}'`,
];

const indexes = (table: string) => [
  `CREATE INDEX ${table}_sorted_title ON ${table} (title, id)`,
  `CREATE INDEX ${table}_sorted_material ON ${table} (material, id)`,
  `CREATE INDEX ${table}_sorted_seconds ON ${table} (seconds, id)`,
  `CREATE INDEX ${table}_sorted_strips ON ${table} (strips, id)`,
  `CREATE INDEX ${table}_by_setting ON ${table} (setting)`,
  `CREATE INDEX ${table}_by_size ON ${table} (size)`,
  `CREATE INDEX ${table}_by_tag ON ${table} USING gin (tags)`,
  `CREATE INDEX ${table}_tagged ON ${table} (made_at DESC) WHERE tags <> '{}'`,
];

const dropped = (table: string) => [
  ...['_sorted_title', '_by_setting'].map((index) => `DROP INDEX ${table}${index}`),
  `ALTER TABLE ${table} DROP COLUMN material, DROP COLUMN setting, DROP COLUMN size,
     DROP COLUMN seconds, DROP COLUMN strips, DROP COLUMN tags,
     ALTER COLUMN title TYPE text COLLATE "default"`,
];

/** The logbook is sorted by more than the day, and narrowed. */
export const logbookColumns: Migration = {
  name: '0017-logbook-columns',
  up: [
    collation,
    ...['rolls', 'prints'].flatMap(columns),
    `UPDATE rolls SET
       material = coalesce(body #>> '{recipe,film}', body #>> '{exposed,film}', ''),
       setting = 'ei:' || (body ->> 'exposureIndex'),
       size = coalesce(body #>> '{exposed,format}', body #>> '{tank,load,0,format}', ''),
       seconds = coalesce((body ->> 'developmentSeconds')::float8, 0)`,
    `UPDATE prints SET
       material = body #>> '{setup,paper}',
       setting = (body #>> '{setup,contrastSetId}') || ':' || (latest ->> 'settingId'),
       seconds = (latest ->> 'seconds')::float8,
       strips = jsonb_array_length(body -> 'strips'),
       size = coalesce(
         (body #>> '{sheets,-1,baths,widthCm}') || 'x' || (body #>> '{sheets,-1,baths,heightCm}'), '')
     FROM (
       SELECT id AS print, coalesce(
         (SELECT one FROM jsonb_array_elements(body -> 'versions') AS one
            WHERE one -> 'number' = body #> '{sheets,-1,version}' LIMIT 1),
         body #> '{versions,-1}') AS latest
       FROM prints) AS of_print
     WHERE print = id`,
    ...['rolls', 'prints'].flatMap(indexes),
    `CREATE INDEX proofs_by_number ON proofs (lower(trim(split_part(name, ',', 1))))
       WHERE body ? 'picture'`,
  ],
  down: [
    'DROP INDEX proofs_by_number',
    ...['prints', 'rolls'].flatMap(dropped),
    'DROP COLLATION by_name',
  ],
};
