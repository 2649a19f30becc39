/** The ways in which a colour print begins, or goes on, without a sheet of its own; each with what it is called and why. */
export const startKinds = [
  {
    id: 'last-print',
    name: (from: string) => `As ${from}`,
    why: (from: string) => `As ${from} on this paper, with what the two boxes say of themselves.`,
  },
  {
    id: 'readings',
    name: (from: string) => `By readings against ${from}`,
    why: (from: string) =>
      `Each layer gets the light that it got from ${from}, by the readings of three channels.`,
  },
  {
    id: 'box',
    name: () => 'By the box alone',
    why: () => 'The usual start, with what the box says of itself.',
  },
  {
    id: 'another-box',
    name: () => 'On another box',
    why: (from: string) =>
      `Carried over from ${from || 'the last box'} by what the boxes say of themselves.`,
  },
] as const;
export type StartKindId = (typeof startKinds)[number]['id'];

export const startKind = (id: StartKindId) => startKinds.find((kind) => kind.id === id)!;
