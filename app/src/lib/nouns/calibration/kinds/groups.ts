/** What is calibrated, in the order in which it pays. */
export const kindGroups = [
  { id: 'film', name: 'Film' },
  { id: 'paper', name: 'Paper' },
  { id: 'light', name: 'Light and room' },
] as const;
export type KindGroupId = (typeof kindGroups)[number]['id'];
