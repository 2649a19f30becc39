import type { Sheet } from './sheet.ts';

const LETTERS = 26;

/** a, b, … z, aa, ab …: the sheets of a version in their order. */
function letters(place: number): string {
  const rest = Math.floor(place / LETTERS);
  const letter = String.fromCodePoint(97 + (place % LETTERS));
  return rest === 0 ? letter : letters(rest - 1) + letter;
}

type Marked = Pick<Sheet, 'id' | 'version'>;

/** What stands in pencil on the back of a sheet: its version, and which sheet of that it is. */
export function markOf(sheet: Marked, sheets: readonly Marked[]): string {
  const alike = sheets.filter(({ version }) => version === sheet.version);
  return `${sheet.version}${letters(alike.findIndex(({ id }) => id === sheet.id))}`;
}

/** The mark of a version's next sheet. */
export const nextMark = (version: number, sheets: readonly Marked[]): string =>
  `${version}${letters(sheets.filter((sheet) => sheet.version === version).length)}`;
