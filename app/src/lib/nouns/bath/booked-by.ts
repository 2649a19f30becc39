/** What books an area on a bath, and where it is read: its address goes before its id. */
export const bookedBy = [
  { id: 'roll', address: '/logbook/rolls' },
  { id: 'print', address: '/logbook/prints' },
  { id: 'colour-print', address: '/print/colour' },
] as const;
export type BookedById = (typeof bookedBy)[number]['id'];
