/** Every shelf, by the name that its address has, and its table with underscores. */
export const shelfNames = [
  'tanks',
  'holders',
  'baths',
  'procedures',
  'enlargers',
  'papers',
  'negatives',
  'findings',
  'proofs',
  'vessels',
  'substances',
  'calibrations',
  'comparisons',
  'colour-prints',
  'two-negatives',
] as const;
export type ShelfName = (typeof shelfNames)[number];
