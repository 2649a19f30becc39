/** What reads a place of the picture, and how far one reading is out, one standard deviation. */
export const readingScales = [
  {
    id: 'light',
    name: 'log light',
    more: 'of a probe on the baseboard',
    /** Aiming counts for more than the instrument, log10. */
    withinLog: 0.02,
    /** Of the range between two readings, as a share of it. */
    rangeShare: 0,
  },
  {
    id: 'density',
    name: 'density',
    more: 'of the negative',
    withinLog: 0.02,
    // No two heads direct their light alike, and a lens adds a veil that no densitometer sees.
    rangeShare: 0.04,
  },
] as const;
export type ReadingScaleId = (typeof readingScales)[number]['id'];
