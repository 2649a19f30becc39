import { USUAL_SORT, sortById, type SortId } from './sorts.ts';

export const entryKinds = [
  { id: 'roll', name: 'Rolls' },
  { id: 'print', name: 'Prints' },
] as const;
export type EntryKind = (typeof entryKinds)[number]['id'];

/** What the logbook is narrowed to; what is empty narrows nothing. */
export interface Narrowing {
  readonly kind?: EntryKind;
  /** A film or a paper. */
  readonly on?: string;
  readonly setting?: string;
  readonly size?: string;
  /** The first and the last day, as 2026-01-24. */
  readonly from?: string;
  readonly to?: string;
  readonly tag?: string;
}

/** What is asked of the logbook. */
export interface Asked extends Narrowing {
  readonly words: string;
  readonly sort: SortId;
  readonly descending: boolean;
}

export const narrowings = ['kind', 'on', 'setting', 'size', 'from', 'to', 'tag'] as const;

export const narrowingOf = (asked: Narrowing): Narrowing =>
  Object.fromEntries(narrowings.flatMap((part) => (asked[part] ? [[part, asked[part]]] : [])));

/** All of the logbook, as it opens. */
export const everything: Asked = {
  ...{ words: '', sort: USUAL_SORT },
  descending: sortById(USUAL_SORT).descending,
};

/** What stands in the address for what is asked, only what differs from the usual. */
export function searchOf(asked: Asked, after?: string): string {
  const { words, sort, descending } = asked;
  const parts = new URLSearchParams();
  if (words.trim() !== '') parts.set('q', words);
  for (const [part, value] of Object.entries(narrowingOf(asked))) parts.set(part, value);
  if (sort !== USUAL_SORT) parts.set('sort', sort);
  if (descending !== sortById(sort).descending) parts.set('order', descending ? 'down' : 'up');
  if (after) parts.set('after', after);
  const text = parts.toString();
  return text === '' ? '' : `?${text}`;
}

export const logbookAddress = (asked: Asked, after?: string) => `/logbook${searchOf(asked, after)}`;
