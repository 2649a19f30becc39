import { CsvError, parse } from 'csv-parse/sync';
import { CELL_MARK, guarded } from '../../../kit/csv-cell.ts';
import { stringify } from 'csv-stringify/sync';
import type { RecipeBody } from '../contract.ts';
import { recipeColumns } from './columns.ts';

/** A record of a file, and the line it begins in. */
interface Line {
  readonly line: number;
  readonly cells: readonly string[];
}

/** What is wrong with a line. */
export interface LineProblem {
  readonly line: number;
  readonly reason: string;
}

/** A recipe as a line of a file has it, not checked yet. */
export interface ReadLine {
  readonly line: number;
  readonly value: Record<string, unknown>;
  /** What the file calls a field of it, where it has names of its own. */
  readonly columnOf?: (field: string) => string | undefined;
}

/** A file with more lines than this is no collection of recipes. */
const MOST_LINES = 5000;
/** A note has at most so many letters, and so lines; more than that is an open quote mark. */
const MOST_LINES_OF_A_RECORD = 520;

/** A cell as it was meant: after a mark everything counts, without one the space around it does not. */
const plain = (cell: string) =>
  cell.startsWith(CELL_MARK) ? cell.slice(CELL_MARK.length) : cell.trim();

/** Recipes as RFC 4180 CSV, a line each. A cell that a spreadsheet would take for a formula gets a quote mark in front. */
export function writeRecipes(recipes: readonly RecipeBody[]): string {
  return stringify(
    recipes.map((recipe) => recipeColumns.map(({ write }) => guarded(write(recipe)))),
    {
      header: true,
      columns: recipeColumns.map(({ name }) => name),
      record_delimiter: '\r\n',
    },
  );
}

/** Spreadsheets of half the world part cells by semicolons, since their numbers have commas. */
const DELIMITERS = [',', ';', '\t'];

/** What the cells of a file are parted by: whatever parts the names of its columns. */
function delimiterOf(head: string): string {
  const parts = (delimiter: string) => head.split(delimiter).length;
  return DELIMITERS.reduce((best, one) => (parts(one) > parts(best) ? one : best));
}

/** The cells of one record; undefined when a quote mark in it stands where none may be. */
function cellsOf(record: string, delimiter: string): readonly string[] | undefined {
  try {
    return (parse(record, { relax_column_count: true, delimiter }) as string[][])[0] ?? [];
  } catch (cause) {
    if (cause instanceof CsvError) return undefined;
    throw cause;
  }
}

/**
 * Cuts text into records, and takes more lines in only while a quote mark is open. So a quote mark that is never closed
 * costs its own line and does not swallow the rest of the file.
 */
function cut(text: string): { lines: Line[]; problems: LineProblem[] } {
  const lines: Line[] = [];
  const problems: LineProblem[] = [];
  const rows = text.replace(/^\ufeff/, '').split(/\r\n|\n|\r/);
  if (rows.length > MOST_LINES) {
    const reason = `A file may have ${MOST_LINES} lines; this one has ${rows.length}. Cut it in two.`;
    return { lines, problems: [{ line: MOST_LINES + 1, reason }] };
  }
  const delimiter = delimiterOf(rows.find((row) => row.trim() !== '') ?? '');
  /** A quote mark within quotes is doubled: a record is whole when it has an even number of them. */
  const opens = rows.map((row) => row.split('"').length % 2 === 0);
  for (let start = 0; start < rows.length; start += 1) {
    const line = start + 1;
    if (rows[start]!.trim() === '') continue;
    const last = opens[start] ? opens.indexOf(true, start + 1) : start;
    if (last === -1 || last - start >= MOST_LINES_OF_A_RECORD) {
      problems.push({ line, reason: 'A quote mark is never closed.' });
      continue;
    }
    const cells = cellsOf(rows.slice(start, last + 1).join('\n'), delimiter);
    if (cells) {
      start = last;
      if (cells.some((cell) => cell.trim() !== '')) lines.push({ line, cells });
    } else {
      problems.push({
        line,
        reason: 'A quote mark stands where none may be; inside quotes it is written twice.',
      });
    }
  }
  return { lines, problems };
}

/** What a cell says; what is wrong with it names its column as the file does. */
function readCell(column: (typeof recipeColumns)[number] | undefined, text: string) {
  try {
    return column?.read(text);
  } catch (cause) {
    throw new Error(`${column?.name}: ${(cause as Error).message}`, { cause });
  }
}

/** Reads a file of recipes: each line by itself, with a reason for each that cannot be read. */
export function readRecipes(text: string): { read: ReadLine[]; problems: LineProblem[] } {
  const { lines, problems } = cut(text);
  const [head, ...rows] = lines;
  if (!head)
    return { read: [], problems: [{ line: 1, reason: 'The file is empty.' }, ...problems] };
  const names = head.cells.map((cell) => cell.trim().toLowerCase());
  const columns = names.map((name) => recipeColumns.find((column) => column.name === name));
  const unknown = names.filter((_, place) => columns[place] === undefined);
  if (!names.includes('film') || !names.includes('times')) {
    const wanted = recipeColumns.map(({ name }) => name).join(', ');
    const reason = `The first line names the columns, at least film, box_speed, developer, dilution, agitation, times and source, of: ${wanted}.`;
    return { read: [], problems: [{ line: head.line, reason }] };
  }
  if (unknown.length > 0) {
    const reason = `No column is called ${unknown.map((name) => `“${name.slice(0, 40)}”`).join(', ')}; what stands in it is left out.`;
    problems.push({ line: head.line, reason });
  }
  const read: ReadLine[] = [];
  const columnOf = (field: string) => {
    const column = recipeColumns.find((one) => one.field === field);
    return column && names.includes(column.name) ? column.name : undefined;
  };
  for (const { line, cells } of rows) {
    try {
      if (cells.length > names.length) {
        const reason = `It has ${cells.length} cells, but the first line names ${names.length} columns.`;
        problems.push({ line, reason });
        continue;
      }
      const value = Object.assign(
        {},
        ...cells.map((cell, place) => {
          const text = plain(cell);
          return text === '' ? {} : readCell(columns[place], text);
        }),
      ) as Record<string, unknown>;
      // Without a speed of their own the times are for the box speed.
      read.push({
        line,
        columnOf,
        value: { exposureIndex: value.boxSpeed, source: 'guess', ...value },
      });
    } catch (cause) {
      problems.push({ line, reason: (cause as Error).message });
    }
  }
  return { read, problems };
}
