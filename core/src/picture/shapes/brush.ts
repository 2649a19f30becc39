import { fromStretch, middleOf, mirroredPoints } from './line.ts';
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
  label: ({ points }) => middleOf(points),
  mirrored: ({ points, ...rest }) => ({ ...rest, points: mirroredPoints(points) }),
};
