import { CsvError, parse } from 'csv-parse/sync';
import { stringify } from 'csv-stringify/sync';
import { guarded } from '../../../kit/csv-cell.ts';
import { MOST_COLUMNS, MOST_PATCHES, densityOf, refused, type DensityColumn } from './columns.ts';

/** What cells are parted by: whatever parts the first line; a space where nothing else does. */
const DELIMITERS = ['\t', ';', ',', ' '];
/** A first column of these names, or of 1, 2, 3 …, counts the patches. */
const COUNTS = /^(step|patch|sample|sample_id|id|no|n|#)\.?$/i;

const isNumber = (cell: string) => /^[+-]?\d+([.,]\d+)?$/.test(cell.trim());

function recordsOf(text: string, delimiter: string): string[][] {
  try {
    return parse(text, {
      delimiter,
      relax_column_count: true,
      skip_empty_lines: true,
      trim: true,
      bom: true,
    });
  } catch (cause) {
    if (!(cause instanceof CsvError)) throw cause;
    const line = 'lines' in cause && typeof cause.lines === 'number' ? cause.lines : 0;
    return refused(line, 'a quotation mark stands where none may be, or is not closed.');
  }
}

/** One column of numbers has nothing between cells: a comma in it is that of the decimals. */
function delimiterOf(lines: readonly string[]): string {
  const [first = '', ...rest] = lines;
  const oneColumn = rest.every(isNumber) && (isNumber(first) || !first.includes(','));
  return oneColumn ? '\t' : (DELIMITERS.find((one) => first.includes(one)) ?? ',');
}

/** Densities of a CSV file: a line a patch, a column a development or a setting; names above them where it has any. */
export function readDensityCsv(text: string): DensityColumn[] {
  const lines = text.split(/\r\n?|\n/).filter((line) => line.trim() !== '');
  if (lines.length === 0) return refused(0, 'The file is empty.');
  const delimiter = delimiterOf(lines);
  const records = recordsOf(text, delimiter).filter((cells) => cells.some((cell) => cell !== ''));
  const named = records[0]!.some((cell) => cell !== '' && !isNumber(cell));
  const rows = named ? records.slice(1) : records;
  const head = named ? records[0]! : [];
  const lineOf = (row: number) => row + (named ? 2 : 1);
  if (rows.length === 0)
    return refused(0, 'Under the names of the columns there are no densities.');
  if (rows.length > MOST_PATCHES) return refused(0, `It has more than ${MOST_PATCHES} lines.`);
  const width = Math.max(head.length, ...rows.map((cells) => cells.length));
  if (width > MOST_COLUMNS) return refused(0, `It has more than ${MOST_COLUMNS} columns.`);
  const counted = rows.every((cells, row) => cells[0] === String(row + 1)) && width > 1;
  const from = counted || COUNTS.test(head[0] ?? '') ? 1 : 0;
  const columns = Array.from({ length: width - from }, (_, column) => ({
    name: (head[column + from] ?? '').slice(0, 40) || String(column + 1),
    values: rows.map((cells, row) => densityOf(cells[column + from] ?? '', lineOf(row))),
  }));
  return columns.length > 0
    ? columns
    : refused(0, 'It has a column that counts, and no densities.');
}

/** Columns beside each other as RFC 4180 CSV, the patches counted. */
export const writeDensityCsv = (columns: readonly DensityColumn[]): string =>
  stringify(
    columns[0]!.values.map((_, row) => [
      String(row + 1),
      ...columns.map(({ values }) => values[row]!.toFixed(3)),
    ]),
    {
      header: true,
      columns: ['step', ...columns.map(({ name }) => guarded(name))],
      record_delimiter: '\r\n',
    },
  );
