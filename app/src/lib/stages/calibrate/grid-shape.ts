import { Refusal } from '@katachron/core';
import { labelIn, type AnyField, type Shape } from '../../nouns/calibration/fields/field.ts';
import { cellsOf, textOf } from '../../nouns/calibration/fields/tables.ts';
import { attempt } from '../../words/attempt.ts';
import { capital } from '../../words/capital.ts';
import type { Unit } from '../../words/temperature.ts';

type TableShape = Extract<Shape, { is: 'rows' | 'columns' }>;

/** A line or a column of a grid. */
interface GridLine {
  readonly label: string;
  readonly tick?: boolean;
}

/** How a table stands on the page. */
export interface GridShape {
  readonly rows: readonly GridLine[];
  readonly columns: readonly GridLine[];
  /** One more of what comes and goes; missing where it does not, or where it is full. */
  readonly more?: string;
  /** The last one can go. */
  readonly fewer: boolean;
}

export const isTable = (shape: Shape): shape is TableShape =>
  shape.is === 'rows' || shape.is === 'columns';

const head = (field: AnyField, unit: Unit): GridLine => ({
  label: labelIn(field, unit),
  tick: field.shape.is === 'tick',
});

/** How many rows, or columns, of a text have been begun. */
const widest = (text: string) => Math.max(0, ...cellsOf(text).map((line) => line.length));

/** The grid of a table as it is being typed. */
export function gridShape(shape: TableShape, text: string, unit: Unit): GridShape {
  if (shape.is === 'columns') {
    const count = Math.min(shape.most, Math.max(1, widest(text)));
    return {
      rows: [
        ...Object.values(shape.heads).map((field) => head(field, unit)),
        ...Array.from({ length: shape.rows }, (_, row) => ({ label: shape.rowName(row) })),
      ],
      columns: Array.from({ length: count }, (_, column) => ({
        label: count === 1 ? capital(shape.one.replace(/^an? /, '')) : String(column + 1),
      })),
      ...(count < shape.most && { more: shape.one }),
      fewer: count > 1,
    };
  }
  const count = shape.grows
    ? Math.min(
        shape.most,
        Math.max(text === '' ? shape.begin : 1, shape.least, cellsOf(text).length),
      )
    : shape.most;
  return {
    rows: Array.from({ length: count }, (_, row) => ({
      label: shape.rowName?.(row) ?? String(row + 1),
    })),
    columns: Object.values(shape.columns).map((field) => head(field, unit)),
    ...(shape.grows && count < shape.most && { more: 'a row' }),
    fewer: shape.grows && count > Math.max(1, shape.least),
  };
}

/** One more of them, empty. */
export function withMore(shape: TableShape, text: string, { rows, columns }: GridShape): string {
  const [down, across] = shape.is === 'columns' ? [0, 1] : [1, 0];
  const cells = cellsOf(text);
  return textOf(
    Array.from({ length: rows.length + down }, (_, row) =>
      Array.from({ length: columns.length + across }, (_column, at) => cells[row]?.[at] ?? ''),
    ),
  );
}

/** A column of densities, with what its file calls it. */
export interface ReadColumn {
  readonly name?: string;
  readonly values: readonly number[];
}

/**
 * Columns of a file, or of a densitometer, put where nothing is typed yet: in the empty columns, then in new ones. What a file calls
 * a column stands over it where that is what is asked there: a time, a setting.
 * @throws Refusal when they are of another tablet, or more than there is room for
 */
export function withDensities(
  shape: Extract<Shape, { is: 'columns' }>,
  text: string,
  columns: readonly ReadColumn[],
  unit: Unit = 'C',
): string {
  const heads = Object.keys(shape.heads).length;
  const other = columns.find(({ values }) => values.length !== shape.rows);
  if (other) {
    throw new Refusal(
      'densities',
      '',
      `The file has ${other.values.length} patches, the tablet ${shape.rows} steps: leave the others out, base and fog too, which has a line of its own.`,
    );
  }
  const cells = cellsOf(text);
  const typed = (column: number) =>
    cells.slice(heads).some((line) => (line[column] ?? '').trim() !== '');
  const free = Array.from({ length: shape.most }, (_, column) => column).filter(
    (column) => !typed(column),
  );
  if (columns.length > free.length) {
    throw new Refusal(
      'densities',
      '',
      `The file has ${columns.length} columns, and there is room for ${free.length} more.`,
    );
  }
  const [head] = Object.values(shape.heads);
  const named = (name = '') =>
    name !== '' && head && attempt(() => head.read(name, unit) as unknown).trouble === undefined
      ? name
      : undefined;
  const width = Math.max(widest(text), ...columns.map((_, at) => free[at]! + 1));
  return textOf(
    Array.from({ length: heads + shape.rows }, (_, row) =>
      Array.from({ length: width }, (_column, at) => {
        const from = columns[free.indexOf(at)];
        const there = cells[row]?.[at] ?? '';
        if (row === 0 && heads > 0 && there === '') return named(from?.name) ?? there;
        const value = row >= heads ? from?.values[row - heads] : undefined;
        return value === undefined ? there : value.toFixed(2);
      }),
    ),
  );
}

/** Without the last of them. */
export function withFewer(shape: TableShape, text: string, { rows, columns }: GridShape): string {
  const [down, across] = shape.is === 'columns' ? [0, 1] : [1, 0];
  const cells = cellsOf(text);
  return textOf(
    Array.from({ length: rows.length - down }, (_, row) =>
      Array.from({ length: columns.length - across }, (_column, at) => cells[row]?.[at] ?? ''),
    ),
  );
}
