import { QueryTypes } from 'sequelize';
import type { Print, PrintBody } from '../../nouns/print/contract.ts';
import type { Roll, RollBody } from '../../nouns/roll/contract.ts';
import { database } from '../../server/database/connection.ts';
import { searchWords } from '../../server/store/search-words.ts';

/** One line of the logbook. */
export type LogbookEntry =
  | { readonly kind: 'roll'; readonly entry: Roll }
  | { readonly kind: 'print'; readonly entry: Print };

/** Where a page of the logbook begins: after this entry. */
export interface LogbookCursor {
  readonly madeAtMs: number;
  readonly id: string;
}

export interface LogbookPage {
  readonly entries: LogbookEntry[];
  readonly next: LogbookCursor | null;
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
type Kind = LogbookEntry['kind'];

/** Words that many entries have are found among this many of the newest; only rarer ones are looked up by word. */
const LOOKED_THROUGH = 2000;
const NEWEST = 'ORDER BY made_at DESC, id DESC';
const FOUND = `found_by @@ to_tsquery('simple', $words)`;

/** One more than a page of one kind, newest first. */
async function newestOf(
  kind: Kind,
  words: string | undefined,
  after?: LogbookCursor,
): Promise<Row[]> {
  const table = tables[kind];
  const older = after ? 'WHERE (made_at, id) < ($madeAt, $id::uuid)' : '';
  const limit = LOGBOOK_PAGE + 1;
  const ask = (sql: string) =>
    database().query<Row>(`${sql} ${NEWEST} LIMIT ${limit}`, {
      type: QueryTypes.SELECT,
      bind: {
        ...(words && { words }),
        ...(after && { madeAt: new Date(after.madeAtMs), id: after.id }),
      },
    });
  if (!words) return ask(`SELECT ${columns[kind]} FROM ${table} ${older}`);
  const recent = `SELECT * FROM ${table} ${older} ${NEWEST} LIMIT ${LOOKED_THROUGH}`;
  const common = await ask(`SELECT ${columns[kind]} FROM (${recent}) AS recent WHERE ${FOUND}`);
  if (common.length === limit) return common;
  // By word, whatever the planner thinks of how many there are: the newest of them are sorted out afterwards.
  const found = `WITH found AS MATERIALIZED (SELECT * FROM ${table} WHERE ${FOUND})`;
  return ask(`${found} SELECT ${columns[kind]} FROM found ${older}`);
}

/** Rolls and prints together (or only one of them), newest first, those that hold every word typed. */
export async function logbookPage(
  typed: string,
  after?: LogbookCursor,
  only?: Kind,
): Promise<LogbookPage> {
  const words = wordQuery(typed);
  const kinds: readonly Kind[] = only ? [only] : ['roll', 'print'];
  const rows = (await Promise.all(kinds.map((kind) => newestOf(kind, words, after)))).flat();
  rows.sort((a, b) => b.made_at.getTime() - a.made_at.getTime() || (a.id < b.id ? 1 : -1));
  const shown = rows.slice(0, LOGBOOK_PAGE);
  const last = shown.at(-1);
  return {
    entries: shown.map(entryOf),
    next:
      rows.length > LOGBOOK_PAGE && last ? { madeAtMs: last.made_at.getTime(), id: last.id } : null,
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
