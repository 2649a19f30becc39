import { isProcessEvent, type ProcessEvent } from '@katachron/core';
import { keepList, keptList } from '../../kit/kept-list.ts';

/** An event of a roll. */
export interface OfRoll {
  readonly rollId: string;
  readonly event: ProcessEvent;
}

/** An event of a sheet in the trays. */
export interface OfSheet {
  readonly sheetId: string;
  readonly event: ProcessEvent;
}

/** An event that the server has not confirmed yet. */
export type Unsent = OfRoll | OfSheet;

/** Where an event goes. */
export const pathOf = (entry: Unsent): string =>
  'rollId' in entry
    ? `/api/v1/rolls/${entry.rollId}/events/${entry.event.id}`
    : `/api/v1/sheets/${entry.sheetId}/events/${entry.event.id}`;

export const OUTBOX_KEY = 'katachron-outbox';

const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i;

/** Is an entry of a list an event of a roll? */
export function isRollEvent(entry: unknown): entry is OfRoll {
  if (typeof entry !== 'object' || entry === null) return false;
  const { rollId, event } = entry as Partial<OfRoll>;
  return typeof rollId === 'string' && UUID.test(rollId) && isProcessEvent(event);
}

function isUnsent(entry: unknown): entry is Unsent {
  if (isRollEvent(entry)) return true;
  if (typeof entry !== 'object' || entry === null) return false;
  const { sheetId, event } = entry as Partial<OfSheet>;
  return typeof sheetId === 'string' && UUID.test(sheetId) && isProcessEvent(event);
}

/** What this page itself wrote and nobody confirmed yet: another tab that writes in the same instant may write over it. */
const mine = new Map<string, Unsent>();

/** Events are written here before they are sent, and synchronously: a reload in the same instant loses nothing. */
export function unsent(): Unsent[] {
  const all = new Map(keptList(OUTBOX_KEY, isUnsent).map((entry) => [entry.event.id, entry]));
  for (const [id, entry] of mine) all.set(id, entry);
  return [...all.values()];
}

export function keepUnsent(entry: Unsent): void {
  mine.set(entry.event.id, entry);
  keepList(OUTBOX_KEY, unsent());
}

export function forgetSent(eventId: string): void {
  mine.delete(eventId);
  keepList(
    OUTBOX_KEY,
    unsent().filter(({ event }) => event.id !== eventId),
  );
}
