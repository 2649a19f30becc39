/** What a spreadsheet takes for a formula, what it would trim, and our own mark. */
const GUARDED = /^[=+\-@\t'\s]|\s$/;
export const CELL_MARK = "'";

/** A cell as it goes out: text that would not come back as it is has a mark in front. */
export const guarded = (cell: string) =>
  GUARDED.test(cell) && !PLAIN_NUMBER.test(cell) ? CELL_MARK + cell : cell;
const PLAIN_NUMBER = /^-?\d+(\.\d+)?$/;
