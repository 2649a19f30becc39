import { isProcessEvent, isProcessPlan } from '@katachron/core';
import { keepList, keptList } from '../../kit/kept-list.ts';
import type { Through } from '../../nouns/bath/through.ts';
import type { Clocked } from './messages.ts';

export const SHEETS_KEY = 'katachron-sheets';

/** A strip or a print in the trays. */
export interface Sheet extends Clocked {
  readonly name: string;
  /** It is a sheet of a print: what happens to it goes into the record. A strip belongs to this bench alone. */
  readonly recorded?: boolean;
  /** The baths that stand in its trays. */
  readonly through?: Through;
  /** The paper that it is, among what was fired here. */
  readonly firedId?: string;
}

function isSheet(entry: unknown): entry is Sheet {
  if (typeof entry !== 'object' || entry === null) return false;
  const { id, name, plan, events, through = [] } = entry as Partial<Sheet>;
  return (
    typeof id === 'string' &&
    typeof name === 'string' &&
    isProcessPlan(plan) &&
    Array.isArray(events) &&
    Array.isArray(through) &&
    events.every(isProcessEvent)
  );
}

/** The sheets in the trays, as every tab of this browser sees them. */
export const keptSheets = (): Sheet[] => keptList(SHEETS_KEY, isSheet);

/** Changes the sheets as they are now, whichever tab changed them last. */
export function changeSheets(change: (sheets: readonly Sheet[]) => readonly Sheet[]): Sheet[] {
  const changed = [...change(keptSheets())];
  keepList(SHEETS_KEY, changed);
  return changed;
}
