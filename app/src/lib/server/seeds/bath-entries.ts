import { filmArea, type FilmFormatId } from '@katachron/core';
import type { KeptEntry } from '../../nouns/bath/ledger.ts';

interface EntrySeed {
  readonly bathId: string;
  readonly entry: KeptEntry;
}

const FIXER = '3d9a5e10-0c7b-4f26-a1d4-000000000021';
const DEVELOPER = '3d9a5e10-0c7b-4f26-a1d4-000000000024';
const STOP = '3d9a5e10-0c7b-4f26-a1d4-000000000025';
const NEW_FIXER = '3d9a5e10-0c7b-4f26-a1d4-000000000026';
const QUILLOW = '3d9a5e10-0c7b-4f26-a1d4-000000000027';
const id = (part: number) => `5b1e7c20-9d4a-4c83-b2f6-${String(part).padStart(12, '0')}`;
const at = (instant: string) => ({ atMs: Date.parse(instant) });

const film = (
  part: number,
  bathId: string,
  instant: string,
  count: number,
  format: FilmFormatId,
): EntrySeed => {
  const load = [{ format, count }];
  const entry = { kind: 'film', ...at(instant), areaCm2: filmArea(load) } as const;
  return { bathId, entry: { id: id(part), load, entry } };
};
/** Prints of 20.3 × 25.4 cm. */
const prints = (part: number, bathId: string, instant: string, count: number): EntrySeed => {
  const sheets = { count, widthCm: 20.3, heightCm: 25.4 };
  const areaCm2 = count * sheets.widthCm * sheets.heightCm;
  const entry = { kind: 'paper', ...at(instant), areaCm2 } as const;
  return { bathId, entry: { id: id(part), sheets, entry } };
};

/** What went through the cooperative's baths over the winter. */
export const demoBathEntries: readonly EntrySeed[] = [
  film(1, FIXER, '2026-01-10T19:20:00Z', 2, 'medium'),
  film(2, FIXER, '2026-01-24T17:05:00Z', 5, 'small-36'),
  film(3, FIXER, '2026-02-07T18:30:00Z', 2, 'small-36'),
  prints(4, FIXER, '2026-02-21T15:00:00Z', 14),
  {
    bathId: FIXER,
    entry: {
      id: id(5),
      entry: { kind: 'tested', ...at('2026-02-21T15:10:00Z'), test: 'drop', passed: true },
    },
  },
  prints(6, DEVELOPER, '2026-11-21T20:40:00Z', 9),
  film(7, QUILLOW, '2026-11-16T20:30:00Z', 4, 'small-36'),
  film(8, QUILLOW, '2026-11-21T16:15:00Z', 2, 'medium'),
  film(9, NEW_FIXER, '2026-11-21T16:40:00Z', 2, 'medium'),
  prints(10, NEW_FIXER, '2026-11-21T20:50:00Z', 9),
  prints(11, STOP, '2026-11-21T20:45:00Z', 9),
];
