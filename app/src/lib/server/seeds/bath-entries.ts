import { ROLL_EQUIVALENT_CM2 } from '@katachron/core';
import type { KeptEntry } from '../../nouns/bath/ledger.ts';

interface EntrySeed {
  readonly bathId: string;
  readonly entry: KeptEntry;
}

const FIXER = '3d9a5e10-0c7b-4f26-a1d4-000000000021';
const DEVELOPER = '3d9a5e10-0c7b-4f26-a1d4-000000000024';
const id = (part: number) => `5b1e7c20-9d4a-4c83-b2f6-${String(part).padStart(12, '0')}`;
const at = (instant: string) => ({ atMs: Date.parse(instant) });
/** A print of 20.3 × 25.4 cm. */
const PRINT_CM2 = 20.3 * 25.4;

const through = (
  part: number,
  bathId: string,
  instant: string,
  kind: 'film' | 'paper',
  note: string,
  areaCm2: number,
): EntrySeed => ({
  bathId,
  entry: { id: id(part), note, entry: { kind, ...at(instant), areaCm2 } },
});

/** What went through the cooperative's baths over the winter. */
export const demoBathEntries: readonly EntrySeed[] = [
  through(1, FIXER, '2026-01-10T19:20:00Z', 'film', '2 × 120', 2 * ROLL_EQUIVALENT_CM2),
  through(2, FIXER, '2026-01-24T17:05:00Z', 'film', '5 × 135-36', 5 * ROLL_EQUIVALENT_CM2),
  through(3, FIXER, '2026-02-07T18:30:00Z', 'film', '2 × 135-36', 2 * ROLL_EQUIVALENT_CM2),
  through(4, FIXER, '2026-02-21T15:00:00Z', 'paper', '14 × 20.3 × 25.4 cm', 14 * PRINT_CM2),
  {
    bathId: FIXER,
    entry: {
      id: id(5),
      entry: { kind: 'tested', ...at('2026-02-21T15:10:00Z'), test: 'drop', passed: true },
    },
  },
  through(6, DEVELOPER, '2026-11-21T20:40:00Z', 'paper', '9 × 20.3 × 25.4 cm', 9 * PRINT_CM2),
];
