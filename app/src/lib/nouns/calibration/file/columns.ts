import { Refusal } from '@katachron/core';

/** Densities of one development, one setting, one filter of the densitometer: patch by patch. */
export interface DensityColumn {
  readonly name: string;
  readonly values: readonly number[];
}

/** A tablet has fewer patches; a file with more is something else. */
export const MOST_PATCHES = 2000;
export const MOST_COLUMNS = 60;
const MOST_DENSITY = 6;

/** A line of a file that cannot be right: which, and why. */
export const refused = (line: number, sentence: string): never => {
  throw new Refusal('density-file', '', line > 0 ? `Line ${line}: ${sentence}` : sentence);
};

/** A density of a file: with a point, or with a comma where cells are parted otherwise. */
export function densityOf(text: string, line: number): number {
  const plain = text.trim().replace(',', '.');
  const value = /^[+-]?\d{1,4}(\.\d{1,8})?(e[+-]?\d{1,2})?$/i.test(plain) ? Number(plain) : NaN;
  if (!(value >= -0.05 && value <= MOST_DENSITY)) {
    const shown = text.trim().slice(0, 20);
    refused(
      line,
      shown === ''
        ? 'a density is missing.'
        : `“${shown}” is no density: those are numbers from 0 to ${MOST_DENSITY}.`,
    );
  }
  // A densitometer that is a little off its zero reads below it.
  return Math.max(0, value);
}
