import type { At, Handle, ShapeNumber } from './shape.ts';

/** How far a point is from a stretch between two others. */
export const fromStretch = (at: At, a: At, b: At): number => {
  const [bx, by] = [b.x - a.x, b.y - a.y];
  const square = bx * bx + by * by;
  const along = square === 0 ? 0 : ((at.x - a.x) * bx + (at.y - a.y) * by) / square;
  const t = Math.min(1, Math.max(0, along));
  return Math.hypot(at.x - a.x - t * bx, at.y - a.y - t * by);
};

/** Where points lie on the whole. */
export const middleOf = (points: readonly At[]): At => {
  const sum = points.reduce((all, { x, y }) => ({ x: all.x + x, y: all.y + y }), { x: 0, y: 0 });
  return { x: sum.x / (points.length || 1), y: sum.y / (points.length || 1) };
};

export const mirroredPoints = (points: readonly At[]): At[] =>
  points.map(({ x, y }) => ({ x: 1 - x, y }));

export const shiftedPoints = (points: readonly At[], by: At): At[] =>
  points.map(({ x, y }) => ({ x: x + by.x, y: y + by.y }));

/** The handle of one point of several. */
export const pointHandle = <Shape extends { readonly points: readonly At[] }>(
  n: number,
): Handle<Shape> => ({
  at: ({ points }) => points[n] ?? { x: 0, y: 0 },
  to: (shape, at) => ({ ...shape, points: shape.points.map((old, m) => (m === n ? at : old)) }),
});

/** Where points lie on the whole, in numbers: so what was drawn is moved by keyboard too. */
export const placeNumbers = <Shape extends { readonly points: readonly At[] }>(): readonly [
  ShapeNumber<Shape>,
  ShapeNumber<Shape>,
] => [
  {
    name: 'across',
    of: ({ points }) => middleOf(points).x,
    with: (shape, x) => ({
      ...shape,
      points: shiftedPoints(shape.points, { x: x - middleOf(shape.points).x, y: 0 }),
    }),
  },
  {
    name: 'down',
    of: ({ points }) => middleOf(points).y,
    with: (shape, y) => ({
      ...shape,
      points: shiftedPoints(shape.points, { x: 0, y: y - middleOf(shape.points).y }),
    }),
  },
];
