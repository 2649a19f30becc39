import { filmFormat } from '@katachron/core';
import { plainList } from '../../words/list.ts';
import type { KeptEntry } from './ledger.ts';

type Went = Pick<KeptEntry, 'load' | 'sheets' | 'tiredBy'>;

/** A print so near to the usual one counts as its area. */
const ALIKE = 0.05;

/** "2 × 120 and 1 × 135-36", "1 × 20.3 × 25.4 cm, dark: counts 1.3 times": what an area is of, as far as somebody said. */
export function wentWords({ load, sheets, tiredBy = 1 }: Went): string {
  if (load)
    return plainList(load.map(({ count, format }) => `${count} × ${filmFormat(format).name}`));
  if (!sheets) return '';
  const size = `${sheets.count} × ${sheets.widthCm} × ${sheets.heightCm} cm`;
  if (Math.abs(tiredBy - 1) < ALIKE) return size;
  return `${size}, ${tiredBy > 1 ? 'dark' : 'light'}: counts ${tiredBy.toFixed(1)} times`;
}
