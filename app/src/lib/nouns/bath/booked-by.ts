/** What books an area on a bath, which part of it where it is not the whole, and where it is read: its address goes before its id. */
interface BookedBy {
  readonly id: string;
  readonly address: string;
  readonly part?: string;
}

/** Everything that does. */
export const bookedBy = [
  { id: 'roll', address: '/logbook/rolls' },
  { id: 'print', address: '/logbook/prints' },
  { id: 'print-strips', address: '/logbook/prints', part: 'strips' },
  { id: 'print-pieces', address: '/logbook/prints', part: 'test pieces' },
  { id: 'colour-print', address: '/print/colour' },
  { id: 'two-negatives', address: '/print/two-negatives' },
  // A proof has the id of its roll, and is in its record.
  { id: 'proof', address: '/logbook/rolls' },
  { id: 'proof-strips', address: '/logbook/rolls', part: 'strips of its proof' },
] as const satisfies readonly BookedBy[];
export type BookedById = (typeof bookedBy)[number]['id'];

const bookedKind = (id: BookedById): BookedBy => bookedBy.find((kind) => kind.id === id)!;

/** "Furnace hall, strips": what booked an entry, in words. */
export const bookedWords = ({ kind, name }: { kind: BookedById; name: string }): string =>
  [name, bookedKind(kind).part].filter(Boolean).join(', ');

/** Where it is read. */
export const bookedHref = ({ kind, id }: { kind: BookedById; id: string }): string =>
  `${bookedKind(kind).address}/${id}`;
