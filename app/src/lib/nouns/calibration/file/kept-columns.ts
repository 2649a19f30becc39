import type { Calibration } from '../contract.ts';
import { testKindOf } from '../kinds/index.ts';
import type { DensityColumn } from './columns.ts';

/** The densities of a kept test: a column each, named by what stands over it; nothing for a test that has none. */
export function keptColumns(found: Calibration): DensityColumn[] | undefined {
  const kind = testKindOf(found.kind);
  const table = Object.entries(kind?.fields ?? {}).find(([, { shape }]) => shape.is === 'columns');
  if (!table) return undefined;
  const [name, { shape }] = table;
  if (shape.is !== 'columns') return undefined;
  const columns = found.given[name] as readonly Readonly<Record<string, unknown>>[];
  const [head = '', field] = Object.entries(shape.heads)[0] ?? [];
  return columns.map((column) => ({
    name: field ? field.write(column[head] as never, 'C') : head,
    values: column.values as readonly number[],
  }));
}
