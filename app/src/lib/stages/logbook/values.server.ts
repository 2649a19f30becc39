import { QueryTypes } from 'sequelize';
import { database } from '../../server/database/connection.ts';

/** What there is to narrow the logbook to. */
export interface LogbookValues {
  readonly on: readonly string[];
  readonly setting: readonly string[];
  readonly size: readonly string[];
  readonly tag: readonly string[];
}

/** More than so many nobody chooses from; the words find them all. */
const MOST_OFFERED = 120;
/** Tags of so many of the newest entries that have some. */
const MOST_TAGGED = 2000;

/** Each value of a column once, by jumping from one to the next in its index instead of reading all rows. */
const each = (column: string, table: string) => `(
  WITH RECURSIVE found AS (
    (SELECT ${column} AS value FROM ${table} ORDER BY ${column} LIMIT 1)
    UNION ALL
    SELECT (SELECT ${column} FROM ${table} WHERE ${column} > found.value ORDER BY ${column} LIMIT 1)
    FROM found WHERE found.value IS NOT NULL)
  SELECT value FROM found WHERE value <> '' LIMIT ${MOST_OFFERED})`;

const tagged = (table: string) => `(
  SELECT unnest(tags) AS value FROM (
    SELECT tags FROM ${table} WHERE tags <> '{}' ORDER BY made_at DESC LIMIT ${MOST_TAGGED}) AS newest)`;

async function values(of: (table: string) => string): Promise<string[]> {
  const rows = await database().query<{ value: string }>(
    `SELECT value FROM (${of('rolls')} UNION ${of('prints')}) AS of_both ORDER BY value LIMIT ${MOST_OFFERED}`,
    { type: QueryTypes.SELECT },
  );
  return rows.map(({ value }) => value);
}

/** All films, papers, settings, sizes and tags that stand in the logbook. */
export async function logbookValues(): Promise<LogbookValues> {
  const [on, setting, size, tag] = await Promise.all([
    values((table) => each('material', table)),
    values((table) => each('setting', table)),
    values((table) => each('size', table)),
    values(tagged),
  ]);
  return { on, setting, size, tag };
}
