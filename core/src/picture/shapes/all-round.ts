import type { ShapeKind } from './shape.ts';

export interface AllRound {
  readonly kind: 'all-round';
  /** How far it reaches into the picture, in widths. */
  readonly reach: number;
}

export const allRound: ShapeKind<AllRound> = {
  id: 'all-round',
  name: 'All round',
  how: 'all four edges, darkest at the rim',
  usual: () => ({ kind: 'all-round', reach: 0.08 }),
  outside: ({ reach }, { x, y }, { height }) => Math.min(x, 1 - x, y, height - y) - reach,
  label: ({ reach }, { height }) => ({ x: 0.5, y: height - reach / 2 }),
  mirrored: (shape) => shape,
};
