import type { Print } from './contract.ts';
import type { Version } from './sheet.ts';

/** The version of the last sheet: what stands for the print where only one can be shown. */
export function latestVersion({ versions, sheets }: Pick<Print, 'versions' | 'sheets'>): Version {
  const number = sheets.at(-1)?.version;
  return versions.find((version) => version.number === number) ?? versions.at(-1)!;
}
