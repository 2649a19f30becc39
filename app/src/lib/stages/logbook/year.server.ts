import { QueryTypes } from 'sequelize';
import type { PrintBody } from '../../nouns/print/contract.ts';
import { database } from '../../server/database/connection.ts';
import type { PrintMade } from './year.ts';

/** More prints than this nobody makes in a year. */
const MOST_PRINTS = 20_000;

interface Row {
  readonly made_at: Date;
  readonly strips: number;
  readonly sheets: PrintBody['sheets'];
}

/** The prints of a year, oldest first, as far as its figures ask. */
export async function printsMade(fromMs: number, toMs: number): Promise<PrintMade[]> {
  const rows = await database().query<Row>(
    `SELECT made_at, jsonb_array_length(body -> 'strips') AS strips, body -> 'sheets' AS sheets
     FROM prints WHERE made_at >= $1 AND made_at < $2 ORDER BY made_at LIMIT ${MOST_PRINTS}`,
    { type: QueryTypes.SELECT, bind: [new Date(fromMs), new Date(toMs)] },
  );
  return rows.map(({ made_at, strips, sheets }) => ({
    ...{ madeAtMs: made_at.getTime(), strips },
    sheets: sheets.map(({ exposedAtMs, baths, firings }) => ({
      exposedAtMs,
      lightSeconds: firings.reduce((sum, { seconds }) => sum + seconds, 0),
      ...(baths && { areaCm2: baths.widthCm * baths.heightCm }),
    })),
  }));
}

/** The years in which something was printed, newest first. */
export async function printedYears(): Promise<number[]> {
  const [ends] = await database().query<{ first: Date | null; last: Date | null }>(
    'SELECT min(made_at) AS first, max(made_at) AS last FROM prints',
    { type: QueryTypes.SELECT },
  );
  if (!ends?.first || !ends.last) return [];
  const [first, last] = [ends.first.getFullYear(), ends.last.getFullYear()];
  return Array.from({ length: last - first + 1 }, (_, n) => last - n);
}
