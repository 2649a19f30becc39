import { addDays } from 'date-fns';
import { QueryTypes } from 'sequelize';
import type { Print, PrintBody } from '../../nouns/print/contract.ts';
import type { Roll, RollBody } from '../../nouns/roll/contract.ts';
import { database } from '../../server/database/connection.ts';
import { searchWords } from '../../server/store/search-words.ts';
import {
  narrowingOf,
  type Asked,
  type EntryKind,
  type Narrowing,
} from '../../nouns/logbook/asked.ts';
import { readCursor, writeCursor, type Cursor } from './cursor.server.ts';
import { sortById } from '../../nouns/logbook/sorts.ts';

/** One line of the logbook. */
export type LogbookEntry =
  | { readonly kind: 'roll'; readonly entry: Roll }
  | { readonly kind: 'print'; readonly entry: Print };

export interface LogbookPage {
  readonly entries: LogbookEntry[];
  /** What to ask for to go on; null on the last page. */
  readonly next: string | null;
}

export const LOGBOOK_PAGE = 40;

interface Row {
  kind: 'roll' | 'print';
  id: string;
  version: number;
  body: RollBody & PrintBody;
  made_at: Date;
  state: Roll['state'] | null;
  started_at: Date | null;
  finished_at: Date | null;
  place: Date | string | number;
}

/** More words than this only slow the search. */
const MOST_WORDS = 12;

/**
 * Words as they were typed, as a query in which every word begins some word of the entry; a number has to be the number.
 * @returns undefined when nothing was typed that could be searched for
 */
export function wordQuery(typed: string): string | undefined {
  const words = searchWords(typed).slice(0, MOST_WORDS);
  const terms = words.map((word) => (/^[\d.]+$/.test(word) ? `'${word}'` : `'${word}':*`));
  return terms.length === 0 ? undefined : terms.join(' & ');
}

/** What of each kind stands in its table. */
const columns = {
  roll: `'roll' AS kind, id, version, body, made_at, state, started_at, finished_at`,
  print: `'print' AS kind, id, version, body, made_at, NULL AS state,
          NULL::timestamptz AS started_at, NULL::timestamptz AS finished_at`,
};
const tables = { roll: 'rolls', print: 'prints' } as const;

/** Words that many entries have are found among this many of the first; only rarer ones are looked up by word. */
const LOOKED_THROUGH = 2000;
const FOUND = `found_by @@ to_tsquery('simple', $words)`;

/** What each narrowing asks of a row. A day is a day where the logbook is kept. */
const conditions: Record<Exclude<keyof Narrowing, 'kind'>, string> = {
  on: 'material = $on',
  setting: 'setting = $setting',
  size: 'size = $size',
  from: 'made_at >= $from',
  to: 'made_at < $to',
  tag: 'tags @> ARRAY[$tag]',
};

/** A day as the instant at which it begins or ends. */
const begins = (day: string, later = 0) => addDays(new Date(`${day}T00:00:00`), later);

/** One more than a page of one kind, in the order that is asked for. */
async function firstOf(kind: EntryKind, asked: Asked, after?: Cursor): Promise<Row[]> {
  const table = tables[kind];
  const { column } = sortById(asked.sort);
  const words = wordQuery(asked.words);
  const { kind: _, ...narrowing } = narrowingOf(asked);
  const conditionsOf = Object.keys(narrowing) as (keyof typeof conditions)[];
  const all = [
    ...conditionsOf.map((part) => conditions[part]),
    ...(after ? [`(${column}, id) ${asked.descending ? '<' : '>'} ($place, $id::uuid)`] : []),
  ];
  const where = all.length === 0 ? '' : `WHERE ${all.join(' AND ')}`;
  const direction = asked.descending ? 'DESC' : 'ASC';
  const order = `ORDER BY ${column} ${direction}, id ${direction}`;
  const limit = LOGBOOK_PAGE + 1;
  const ask = (sql: string) =>
    database().query<Row>(`${sql} ${order} LIMIT ${limit}`, {
      type: QueryTypes.SELECT,
      bind: {
        ...narrowing,
        ...(narrowing.from && { from: begins(narrowing.from) }),
        ...(narrowing.to && { to: begins(narrowing.to, 1) }),
        ...(words && { words }),
        ...(after && { place: after.value, id: after.id }),
      },
    });
  const taken = `${columns[kind]}, ${column} AS place`;
  if (!words) return ask(`SELECT ${taken} FROM ${table} ${where}`);
  const first = `SELECT * FROM ${table} ${where} ${order} LIMIT ${LOOKED_THROUGH}`;
  const common = await ask(`SELECT ${taken} FROM (${first}) AS first WHERE ${FOUND}`);
  if (common.length === limit) return common;
  // By word, whatever the planner thinks of how many there are: the first of them are sorted out afterwards.
  const found = `WITH found AS MATERIALIZED (SELECT * FROM ${table} WHERE ${[FOUND, ...all].join(' AND ')})`;
  return ask(`${found} SELECT ${taken} FROM found`);
}

/** As the database sorts names: numbers by what they are, capitals and accents make no difference. */
const { compare } = new Intl.Collator('en', { numeric: true, sensitivity: 'base' });

function inOrder(a: Row, b: Row): number {
  const places =
    typeof a.place === 'string'
      ? compare(a.place, String(b.place))
      : Number(a.place) - Number(b.place);
  return places || (a.id < b.id ? -1 : 1);
}

/** Rolls and prints together (or only one of them): those that hold every word typed and all that it is narrowed to. */
export async function logbookPage(asked: Asked, after?: string): Promise<LogbookPage> {
  const cursor = after === undefined ? undefined : readCursor(after, sortById(asked.sort).of);
  const kinds: readonly EntryKind[] = asked.kind ? [asked.kind] : ['roll', 'print'];
  const rows = (await Promise.all(kinds.map((kind) => firstOf(kind, asked, cursor)))).flat();
  rows.sort((a, b) => (asked.descending ? inOrder(b, a) : inOrder(a, b)));
  const shown = rows.slice(0, LOGBOOK_PAGE);
  const last = shown.at(-1);
  return {
    entries: shown.map(entryOf),
    next:
      rows.length > LOGBOOK_PAGE && last ? writeCursor({ value: last.place, id: last.id }) : null,
  };
}

function entryOf(row: Row): LogbookEntry {
  const { kind, id, version, body } = row;
  if (kind === 'print') return { kind, entry: { id, version, ...(body as PrintBody) } };
  return {
    kind,
    entry: {
      id,
      version,
      state: row.state ?? 'planned',
      startedAtMs: row.started_at?.getTime() ?? null,
      finishedAtMs: row.finished_at?.getTime() ?? null,
      ...(body as RollBody),
    },
  };
}
