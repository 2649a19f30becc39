/** A way of sorting the logbook: by a column that both rolls and prints have. */
interface Sort {
  readonly id: string;
  readonly name: string;
  readonly column: string;
  /** What a value of it is in an address, and to the database. */
  readonly of: 'instant' | 'text' | 'number';
  /** How it begins when it is chosen: newest and dearest first, names from A. */
  readonly descending: boolean;
}

export const sorts = [
  { id: 'date', name: 'Date', column: 'made_at', of: 'instant', descending: true },
  { id: 'name', name: 'Name', column: 'title', of: 'text', descending: false },
  { id: 'on', name: 'Film or paper', column: 'material', of: 'text', descending: false },
  { id: 'time', name: 'Time', column: 'seconds', of: 'number', descending: false },
  { id: 'strips', name: 'Strips', column: 'strips', of: 'number', descending: true },
] as const satisfies readonly Sort[];
export type SortId = (typeof sorts)[number]['id'];

/** The newest first: how a logbook is read. */
export const USUAL_SORT: SortId = 'date';

const byId = new Map<string, Sort>(sorts.map((sort) => [sort.id, sort]));
export const sortById = (id: SortId): Sort => byId.get(id) ?? sorts[0];
