import { UniqueConstraintError } from 'sequelize';
import { isDeepStrictEqual } from 'node:util';
import { models } from '../../server/database/models.ts';
import { Conflict } from '../../server/store/conflict.ts';
import type { KeptEntry } from './ledger.ts';

/**
 * Writes an entry into the ledger of a bath; the same again changes nothing.
 * @returns whether it was new; undefined when there is no such bath
 * @throws Conflict when another entry already has that id
 */
export async function addEntry(bathId: string, entry: KeptEntry): Promise<boolean | undefined> {
  const { BathEntryRow, shelfRows } = models();
  if (!(await shelfRows.baths.findByPk(bathId, { attributes: ['id'] }))) return undefined;
  // What takes back a booking belongs to what was booked, so that it is not booked once more.
  const corrected = entry.corrects ? await BathEntryRow.findByPk(entry.corrects) : null;
  try {
    await BathEntryRow.create({
      ...{ id: entry.id, bathId, at: new Date(entry.entry.atMs), body: entry },
      ...(corrected?.bathId === bathId && { sourceId: corrected.sourceId }),
    });
    return true;
  } catch (cause) {
    if (!(cause instanceof UniqueConstraintError)) throw cause;
    const known = await BathEntryRow.findByPk(entry.id);
    if (!known || known.bathId !== bathId || !isDeepStrictEqual(known.body, entry)) {
      throw new Conflict(known?.body ?? null, entry);
    }
    return false;
  }
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
