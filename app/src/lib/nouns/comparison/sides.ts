/** Where a sample lies in a pair. */
export const sides = ['left', 'right'] as const;
export type Side = (typeof sides)[number];

/** The two of them. */
export const samples = ['a', 'b'] as const;
export type Sample = (typeof samples)[number];

/** What is worth writing down of every sample. */
export const usualConditions = [
  'Negative',
  'Paper and its box',
  'Developer, its age',
  'Temperature and time',
  'Exposure and setting',
  'Fixing and washing',
  'Drying',
  'Light it is looked at in',
] as const;
