import { looksLikeCgats, readCgats } from './cgats.ts';
import type { DensityColumn } from './columns.ts';
import { readDensityCsv } from './csv.ts';

/**
 * Densities of a file, CGATS.17 or CSV.
 * @throws Refusal with the line and the reason
 */
export const readDensities = (text: string): DensityColumn[] =>
  looksLikeCgats(text) ? readCgats(text) : readDensityCsv(text);
