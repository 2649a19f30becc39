import { fromStretch, middleOf, mirroredPoints, placeNumbers, shiftedPoints } from './line.ts';
import type { At, ShapeKind } from './shape.ts';

export interface Brush {
  readonly kind: 'brush';
  readonly points: readonly At[];
  /** Half as wide as it paints, in widths of the picture. */
  readonly radius: number;
}

export const brush: ShapeKind<Brush> = {
  id: 'brush',
  name: 'Brush',
  how: 'paint over it',
  usual: ({ height }) => ({
    kind: 'brush',
    radius: 0.05,
    points: [
      { x: 0.4, y: height / 2 },
      { x: 0.6, y: height / 2 },
    ],
  }),
  outside: ({ points, radius }, at) => {
    let near = Infinity;
    for (const [n, a] of points.entries()) {
      near = Math.min(near, fromStretch(at, a, points[n + 1] ?? a));
    }
    return near - radius;
  },
  outline: ({ points, radius }) => ({ closed: false, radius, points }),
  // A painted line is moved as a whole.
  handles: [
    {
      at: ({ points }) => middleOf(points),
      to: (shape, at) => {
        const middle = middleOf(shape.points);
        const by = { x: at.x - middle.x, y: at.y - middle.y };
        return { ...shape, points: shiftedPoints(shape.points, by) };
      },
    },
  ],
  numbers: [
    ...placeNumbers<Brush>(),
    {
      name: 'wide',
      of: ({ radius }) => 2 * radius,
      with: (shape, wide) => ({ ...shape, radius: Math.max(0.005, wide / 2) }),
    },
  ],
  shifted: ({ points, ...rest }, by) => ({ ...rest, points: shiftedPoints(points, by) }),
  label: ({ points }) => points[0] ?? middleOf(points),
  mirrored: ({ points, ...rest }) => ({ ...rest, points: mirroredPoints(points) }),
};
