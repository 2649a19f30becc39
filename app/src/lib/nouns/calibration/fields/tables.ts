import { Refusal } from '@katachron/core';
import { attempt } from '../../../words/attempt.ts';
import type { Unit } from '../../../words/temperature.ts';
import type { AnyField, Field, FieldSet, GivenOf } from './field.ts';

/** A table is typed, pasted and kept as what a spreadsheet copies: lines of cells with tabs between them. */
export const cellsOf = (text: string): string[][] =>
  text === '' ? [] : text.split('\n').map((line) => line.split('\t'));
export const textOf = (cells: readonly (readonly string[])[]): string =>
  cells.map((line) => line.join('\t')).join('\n');

const isEmpty = (line: readonly string[] | undefined) =>
  !line || line.every((cell) => cell.trim() === '');

/** A cell read, or its own sentence with where it stands before it. */
function readCell(field: AnyField, text: string, unit: Unit, where: string): unknown {
  const { value, trouble } = attempt(() => field.read(text, unit), unit);
  if (trouble !== undefined) throw new Refusal('cell', '', `${where}: ${trouble}`);
  return value;
}

interface Rows<Columns extends FieldSet> {
  readonly label: string;
  readonly hint?: string;
  readonly title: string;
  readonly columns: Columns;
  readonly least: number;
  readonly most: number;
  /** As many rows stand there to begin with; the least unless said. */
  readonly begin?: number;
  readonly rowName?: (index: number) => string;
  readonly usual?: string;
  /** One row, for the button: "a pair". */
  readonly one: string;
}

/** Rows of a few fields each. An empty row is none. */
export function rowsField<Columns extends FieldSet>({
  columns,
  least,
  most,
  begin = Math.max(1, least),
  rowName,
  ...asked
}: Rows<Columns>): Field<readonly GivenOf<Columns>[]> {
  const names = Object.keys(columns);
  const nameOf = rowName ?? ((index: number) => `Row ${index + 1}`);
  return {
    label: asked.label,
    hint: asked.hint ?? '',
    title: asked.title,
    usual: asked.usual ?? '',
    optional: false,
    shape: {
      ...{ is: 'rows', columns, least, most, begin, grows: least !== most },
      ...(rowName && { rowName }),
    },
    read(text, unit) {
      const rows = cellsOf(text).flatMap((line, index) => {
        if (isEmpty(line)) return [];
        const values = names.map((name, column) => [
          name,
          readCell(
            columns[name]!,
            line[column] ?? '',
            unit,
            `${nameOf(index)}, ${columns[name]!.title}`,
          ),
        ]);
        return [
          Object.fromEntries(values.filter(([, value]) => value !== undefined)) as GivenOf<Columns>,
        ];
      });
      if (rows.length < least || rows.length > most) {
        throw new Refusal(
          'rows',
          '',
          least === most
            ? `Fill in all ${most} rows of ${asked.title}.`
            : `Give from ${least} to ${most} rows of ${asked.title}.`,
        );
      }
      return rows;
    },
    write: (rows, unit) =>
      textOf(
        rows.map((row) =>
          names.map((name) => {
            const value = (row as Readonly<Record<string, unknown>>)[name];
            return value === undefined ? '' : columns[name]!.write(value, unit);
          }),
        ),
      ),
  };
}

interface Columns<Heads extends FieldSet> {
  readonly label: string;
  readonly hint?: string;
  readonly title: string;
  readonly heads: Heads;
  readonly cell: Field<number>;
  readonly rows: number;
  /** The field that says how many rows there are: then all that were begun are read, and whoever solves it counts them. */
  readonly rowsBy?: string;
  readonly most: number;
  readonly rowName: (index: number) => string;
  readonly one: string;
}

/** How many lines of a table have been begun. */
const begun = (cells: readonly (readonly string[])[]) =>
  cells.findLastIndex((line) => !isEmpty(line)) + 1;

/** Columns of numbers, each with a few fields over it: steps down, developments or settings across. An empty column is none. */
export function columnsField<Heads extends FieldSet>({
  heads,
  cell,
  rows,
  rowsBy,
  most,
  rowName,
  one,
  ...asked
}: Columns<Heads>): Field<readonly (GivenOf<Heads> & { readonly values: readonly number[] })[]> {
  const names = Object.keys(heads);
  return {
    label: asked.label,
    hint: asked.hint ?? '',
    title: asked.title,
    usual: '',
    optional: false,
    shape: { is: 'columns', heads, cell, rows, most, rowName, one, ...(rowsBy && { rowsBy }) },
    read(text, unit) {
      const cells = cellsOf(text);
      const widest = Math.max(0, ...cells.map((line) => line.length));
      const lines = names.length + (rowsBy ? begun(cells.slice(names.length)) || rows : rows);
      const found = Array.from({ length: widest }, (_, column) => {
        const typed = Array.from({ length: lines }, (_, line) => cells[line]?.[column] ?? '');
        if (isEmpty(typed)) return [];
        const where = widest > 1 ? `Column ${column + 1}, ` : '';
        const head = names.map((name, line) => [
          name,
          readCell(heads[name]!, typed[line]!, unit, `${where}${heads[name]!.title}`),
        ]);
        const values = typed
          .slice(names.length)
          .map((each, row) => readCell(cell, each, unit, `${where}${rowName(row).toLowerCase()}`));
        return [
          {
            ...Object.fromEntries(head.filter(([, value]) => value !== undefined)),
            values,
          } as unknown as GivenOf<Heads> & { readonly values: readonly number[] },
        ];
      }).flat();
      if (found.length === 0) throw new Refusal('columns', '', `Fill in ${one} at least.`);
      return found;
    },
    write(columns, unit) {
      const of = (column: (typeof columns)[number], name: string) => {
        const value = (column as Readonly<Record<string, unknown>>)[name];
        return value === undefined ? '' : heads[name]!.write(value, unit);
      };
      return textOf([
        ...names.map((name) => columns.map((column) => of(column, name))),
        ...Array.from(
          { length: Math.max(...columns.map(({ values }) => values.length)) },
          (_, row) =>
            columns.map(({ values }) => {
              const value = values[row];
              return value === undefined ? '' : cell.write(value, unit);
            }),
        ),
      ]);
    },
  };
}
