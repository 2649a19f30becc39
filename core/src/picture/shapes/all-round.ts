import type { ShapeKind } from './shape.ts';

export interface AllRound {
  readonly kind: 'all-round';
  /** How far it reaches into the picture, in widths. */
  readonly reach: number;
}

const reaching = (shape: AllRound, reach: number): AllRound => ({
  ...shape,
  reach: Math.min(0.45, Math.max(0.01, reach)),
});

export const allRound: ShapeKind<AllRound> = {
  id: 'all-round',
  name: 'All round',
  how: 'all four edges, darkest at the rim',
  usual: () => ({ kind: 'all-round', reach: 0.08 }),
  outside: ({ reach }, { x, y }, { height }) => Math.min(x, 1 - x, y, height - y) - reach,
  outline: ({ reach }, { height }) => ({
    closed: true,
    points: [
      { x: reach, y: reach },
      { x: 1 - reach, y: reach },
      { x: 1 - reach, y: height - reach },
      { x: reach, y: height - reach },
    ],
  }),
  handles: [
    {
      at: ({ reach }, { height }) => ({ x: reach, y: height / 2 }),
      to: (shape, { x }) => reaching(shape, x),
    },
  ],
  numbers: [{ name: 'reaching in', of: ({ reach }) => reach, with: reaching }],
  shifted: (shape) => shape,
  label: ({ reach }, { height }) => ({ x: 0.5, y: height - reach / 2 }),
  mirrored: (shape) => shape,
};
