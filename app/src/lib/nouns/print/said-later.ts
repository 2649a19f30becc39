import type { Sheet } from './sheet.ts';

/** What the logbook alone says of a sheet, once it is dry. */
const saidLater = ['verdict', 'copy', 'went', 'toned'] as const;
export type SaidLater = (typeof saidLater)[number];

const isSaidLater = (part: string) => saidLater.some((one) => one === part);

/** As much of a sheet as was said of it later. */
export const saidOf = (sheet: Sheet): Partial<Sheet> =>
  Object.fromEntries(Object.entries(sheet).filter(([part]) => isSaidLater(part)));

/** A sheet as it was exposed, without that. */
export const unsaid = (sheet: Sheet): Sheet =>
  Object.fromEntries(Object.entries(sheet).filter(([part]) => !isSaidLater(part))) as Sheet;
