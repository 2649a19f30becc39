import { Op, UniqueConstraintError, type Transaction } from 'sequelize';
import { isDeepStrictEqual } from 'node:util';
import { database } from '../../server/database/connection.ts';
import { models, type BathEntryRow } from '../../server/database/models.ts';
import { InvalidInput } from '../../server/problem/invalid-input.ts';
import { Conflict } from '../../server/store/conflict.ts';
import type { KeptEntry } from './ledger.ts';

/** What somebody takes back: there, of this bath, not taken back yet, and exactly as much of it. */
async function checkCorrection(
  bathId: string,
  { id, corrects, entry }: KeptEntry,
  transaction: Transaction,
): Promise<BathEntryRow | undefined> {
  if (corrects === undefined) return undefined;
  const refuse = (detail: string): never => {
    throw new InvalidInput([{ pointer: '/corrects', detail }]);
  };
  // Two who take back the same entry stand in a row.
  await database().query('SELECT pg_advisory_xact_lock(hashtextextended($1, 0))', {
    bind: [corrects],
    transaction,
  });
  const row = await models().BathEntryRow.findByPk(corrects, { transaction });
  if (!row || row.bathId !== bathId) {
    return refuse('There is no such entry in the ledger of this bath.');
  }
  const before = row.body;
  if (before.corrects !== undefined) return refuse('What takes an entry back stays.');
  const others = await models().BathEntryRow.findAll({
    where: { bathId, id: { [Op.ne]: id }, body: { corrects } },
    transaction,
  });
  if (others.length > 0) return refuse('It was taken back already.');
  const isWhole =
    'areaCm2' in before.entry &&
    'areaCm2' in entry &&
    before.entry.kind === entry.kind &&
    entry.areaCm2 === -before.entry.areaCm2;
  if (!isWhole) return refuse('An entry is taken back as a whole, by as much area as it has.');
  return row;
}

/**
 * Writes an entry into the ledger of a bath; the same again changes nothing.
 * @returns whether it was new; undefined when there is no such bath
 * @throws Conflict when another entry already has that id, InvalidInput where it takes back what cannot be taken back
 */
export async function addEntry(bathId: string, entry: KeptEntry): Promise<boolean | undefined> {
  const { BathEntryRow: rows, shelfRows } = models();
  if (!(await shelfRows.baths.findByPk(bathId, { attributes: ['id'] }))) return undefined;
  const known = await rows.findByPk(entry.id);
  if (known) return sameAs(known, bathId, entry);
  try {
    return await database().transaction(async (transaction) => {
      const corrected = await checkCorrection(bathId, entry, transaction);
      await rows.create(
        {
          ...{ id: entry.id, bathId, at: new Date(entry.entry.atMs), body: entry },
          // What takes back a booking belongs to what was booked, so that it is not booked once more.
          ...(corrected && { sourceId: corrected.sourceId }),
        },
        { transaction },
      );
      return true;
    });
  } catch (cause) {
    if (!(cause instanceof UniqueConstraintError)) throw cause;
    const first = await rows.findByPk(entry.id);
    if (!first) throw new Conflict(null, entry);
    return sameAs(first, bathId, entry);
  }
}

/** It is there already, as it is sent now. */
function sameAs(known: BathEntryRow, bathId: string, entry: KeptEntry): false {
  if (known.bathId !== bathId || !isDeepStrictEqual(known.body, entry)) {
    throw new Conflict(known.body, entry);
  }
  return false;
}

/** The ledgers of baths, oldest entry first; nothing for one that has none. */
export async function entriesOf(
  bathIds: readonly string[],
): Promise<Record<string, readonly KeptEntry[]>> {
  if (bathIds.length === 0) return {};
  const rows = await models().BathEntryRow.findAll({
    where: { bathId: [...bathIds] },
    order: ['at', 'id'],
  });
  const found: Record<string, KeptEntry[]> = {};
  for (const { bathId, body } of rows) (found[bathId] ??= []).push(body);
  return found;
}
