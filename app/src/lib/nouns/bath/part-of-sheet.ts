import type { PaperThrough } from './through.ts';

/** A part of a sheet, as strips are cut from it, on the same baths. */
export const partOfSheet = (sheet: PaperThrough, share: number): PaperThrough => ({
  ...sheet,
  widthCm: sheet.widthCm * share,
});
