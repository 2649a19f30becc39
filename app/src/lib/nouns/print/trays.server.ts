import { UniqueConstraintError } from 'sequelize';
import { isDeepStrictEqual } from 'node:util';
import { models } from '../../server/database/models.ts';
import { Conflict } from '../../server/store/conflict.ts';
import type { ProcessEvent } from '../process/contract.ts';

/**
 * Adds what happened to a sheet in the trays; the same again changes nothing. The sheet itself may not be written down yet: its
 * print is sent on another way.
 * @returns whether it was new
 * @throws Conflict when another event already has that id
 */
export async function addTrayEvent(sheetId: string, event: ProcessEvent): Promise<boolean> {
  const { TrayEventRow } = models();
  try {
    await TrayEventRow.create({
      ...{ id: event.id, sheetId, at: new Date(event.atMs), body: event },
    });
    return true;
  } catch (cause) {
    if (!(cause instanceof UniqueConstraintError)) throw cause;
    const known = await TrayEventRow.findByPk(event.id);
    if (!known || known.sheetId !== sheetId || !isDeepStrictEqual(known.body, event)) {
      throw new Conflict(known?.body ?? null, event);
    }
    return false;
  }
}

/** What happened to sheets in the trays, oldest first; nothing for one that nobody followed. */
export async function trayEventsOf(
  sheetIds: readonly string[],
): Promise<Record<string, ProcessEvent[]>> {
  if (sheetIds.length === 0) return {};
  const rows = await models().TrayEventRow.findAll({
    where: { sheetId: [...sheetIds] },
    order: ['at', 'id'],
  });
  const found: Record<string, ProcessEvent[]> = {};
  for (const { sheetId, body } of rows) (found[sheetId] ??= []).push(body);
  return found;
}
