import { stringify } from 'csv-stringify/sync';
import { guarded } from '../../../kit/csv-cell.ts';
import { bookedWords } from '../booked-by.ts';
import type { Bath } from '../contract.ts';
import type { KeptEntry } from '../ledger.ts';
import { wentWords } from '../went-words.ts';

const columns = [
  ...(['bath', 'at', 'what', 'area_cm2', 'volume_ml', 'test', 'passed', 'note', 'id'] as const),
  ...(['corrects', 'went', 'booked_by', 'other_bath', 'temperature_c'] as const),
] as const;

/** The ledgers of baths as RFC 4180 CSV, a line an entry, oldest first in each. */
export function writeLedger(
  baths: readonly Bath[],
  entries: Readonly<Record<string, readonly KeptEntry[]>>,
): string {
  const lines = baths.flatMap((bath) =>
    (entries[bath.id] ?? []).map(({ id, note = '', corrects = '', entry, of, other, ...went }) => [
      bath.name,
      new Date(entry.atMs).toISOString(),
      entry.kind,
      'areaCm2' in entry ? String(entry.areaCm2) : '',
      'volumeMl' in entry ? String(entry.volumeMl) : '',
      'test' in entry ? entry.test : '',
      'passed' in entry ? String(entry.passed) : '',
      ...[note, id, corrects, wentWords(went), of ? bookedWords(of) : '', other?.name ?? ''],
      'temperatureC' in entry ? String(entry.temperatureC) : '',
    ]),
  );
  return stringify(
    lines.map((line) => line.map(guarded)),
    { header: true, columns: [...columns], record_delimiter: '\r\n' },
  );
}
