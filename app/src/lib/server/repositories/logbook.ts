import { QueryTypes } from 'sequelize';
import type { Print, PrintBody } from '../../contract/print.ts';
import type { Roll, RollBody } from '../../contract/roll.ts';
import { database } from '../database/connection.ts';
import { searchWords } from './search-words.ts';

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

/** Rolls and prints together (or only one of them), newest first, those that hold every word typed. */
export async function logbookPage(
  typed: string,
  after?: LogbookCursor,
  only?: LogbookEntry['kind'],
): Promise<LogbookPage> {
  const words = wordQuery(typed);
  const conditions = [
    ...(words ? [`found_by @@ to_tsquery('simple', $words)`] : []),
    ...(after ? ['(made_at, id) < ($madeAt, $id::uuid)'] : []),
  ];
  const where = conditions.length > 0 ? `WHERE ${conditions.join(' AND ')}` : '';
  const newest = 'ORDER BY made_at DESC, id DESC LIMIT $limit';
  const shelves = {
    roll: `(SELECT 'roll' AS kind, id, version, body, made_at, state, started_at, finished_at
              FROM rolls ${where} ${newest})`,
    print: `(SELECT 'print' AS kind, id, version, body, made_at, NULL AS state,
                    NULL::timestamptz AS started_at, NULL::timestamptz AS finished_at
               FROM prints ${where} ${newest})`,
  };
  const read = only ? shelves[only] : `${shelves.roll} UNION ALL ${shelves.print} ${newest}`;
  const rows = await database().query<Row>(read, {
    type: QueryTypes.SELECT,
    bind: {
      limit: LOGBOOK_PAGE + 1,
      ...(words && { words }),
      ...(after && { madeAt: new Date(after.madeAtMs), id: after.id }),
    },
  });
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
