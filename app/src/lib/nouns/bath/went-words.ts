import { filmFormat } from '@katachron/core';
import { plainList } from '../../words/list.ts';
import type { KeptEntry } from './ledger.ts';

/** "2 × 120 and 1 × 135-36", "9 × 20.3 × 25.4 cm": what an area is of, as far as somebody said. */
export function wentWords({ load, sheets }: Pick<KeptEntry, 'load' | 'sheets'>): string {
  if (load)
    return plainList(load.map(({ count, format }) => `${count} × ${filmFormat(format).name}`));
  return sheets ? `${sheets.count} × ${sheets.widthCm} × ${sheets.heightCm} cm` : '';
}
