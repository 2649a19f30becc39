import { Op, type Transaction } from 'sequelize';
import { v5 as nameId } from 'uuid';
import { database } from '../../server/database/connection.ts';
import { models } from '../../server/database/models.ts';
import type { KeptEntry } from './ledger.ts';

/** What went through baths: a run of film, or a sheet of a print. */
export interface Passage {
  readonly of: NonNullable<KeptEntry['of']>;
  readonly medium: 'film' | 'paper';
  readonly areaCm2: number;
  readonly atMs: number;
  readonly went: Pick<KeptEntry, 'load' | 'sheets' | 'tiredBy'>;
  readonly bathIds: readonly string[];
}

/** Ids of entries that nobody writes by hand are made from what they stand for (RFC 9562, version 5). */
const BOOKED = '5a1c7f0e-3b52-5d0a-9a64-6b1f0d2c8e71';

/**
 * Makes the ledgers say what went through their baths: books what is missing, and takes back, by an entry of its own, what did not
 * happen after all or happened otherwise. However often it is called, and by however many at once, it is there once.
 */
export async function book(
  sourceId: string,
  passage: Passage | undefined,
  transaction: Transaction,
): Promise<void> {
  const { BathEntryRow, shelfRows } = models();
  // Two senders about the same sheet or roll stand in a row.
  await database().query('SELECT pg_advisory_xact_lock(hashtextextended($1, 0))', {
    bind: [sourceId],
    transaction,
  });
  const written = await BathEntryRow.findAll({ where: { sourceId }, order: ['at'], transaction });
  const takenBack = new Set(written.flatMap(({ body }) => body.corrects ?? []));
  const standing = written.filter(({ id, body }) => !body.corrects && !takenBack.has(id));
  // What somebody took back by hand is settled: it is booked no more.
  const settled = new Set(
    written.filter(({ body }) => body.corrects && !body.of).map(({ bathId }) => bathId),
  );
  const wanted = new Set(passage?.bathIds ?? []);
  const rows = await shelfRows.baths.findAll({
    where: { id: { [Op.in]: [...wanted] } },
    attributes: ['id'],
    transaction,
  });
  const there = rows.map((row) => String(row.get('id')));
  const counts = new Map<string, number>();
  for (const { bathId } of written) counts.set(bathId, (counts.get(bathId) ?? 0) + 1);
  const write = (bathId: string, body: Omit<KeptEntry, 'id'>) => {
    const count = counts.get(bathId) ?? 0;
    counts.set(bathId, count + 1);
    const id = nameId(`${sourceId}/${bathId}/${count}`, BOOKED);
    const at = new Date(body.entry.atMs);
    return BathEntryRow.create(
      { id, bathId, sourceId, at, body: { id, ...body } },
      { transaction },
    );
  };
  /** It stands in the ledger as it went through. */
  const isRight = ({ bathId, body: { entry } }: (typeof standing)[number]) =>
    passage !== undefined &&
    wanted.has(bathId) &&
    'areaCm2' in entry &&
    entry.kind === passage.medium &&
    Math.abs(entry.areaCm2 - passage.areaCm2) < 1e-6;
  for (const row of standing) {
    const { bathId, body } = row;
    if (isRight(row) || !('areaCm2' in body.entry)) continue;
    const { kind, areaCm2 } = body.entry;
    await write(bathId, {
      corrects: body.id,
      ...(body.of && { of: body.of }),
      entry: { kind, atMs: Date.now(), areaCm2: -areaCm2 },
    });
  }
  if (!passage) return;
  const { of, went, medium, atMs, areaCm2 } = passage;
  for (const bathId of there) {
    if (settled.has(bathId)) continue;
    if (standing.some((row) => row.bathId === bathId && isRight(row))) continue;
    await write(bathId, {
      of,
      ...went,
      entry: { kind: medium, atMs, areaCm2 },
    });
  }
}
