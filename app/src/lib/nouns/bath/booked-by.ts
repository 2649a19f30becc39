/** What books an area on a bath, and where it is read: its address goes before its id. */
export const bookedBy = [
  { id: 'roll', address: '/logbook/rolls' },
  { id: 'print', address: '/logbook/prints' },
  { id: 'colour-print', address: '/print/colour' },
  { id: 'two-negatives', address: '/print/two-negatives' },
  // A proof has the id of its roll, and is in its record.
  { id: 'proof', address: '/logbook/rolls' },
] as const;
export type BookedById = (typeof bookedBy)[number]['id'];
