import {
  fromStretch,
  middleOf,
  mirroredPoints,
  placeNumbers,
  pointHandle,
  shiftedPoints,
} from './line.ts';
import type { At, ShapeKind } from './shape.ts';

export interface Polygon {
  readonly kind: 'polygon';
  readonly points: readonly At[];
}

export const polygon: ShapeKind<Polygon> = {
  id: 'polygon',
  name: 'Polygon',
  how: 'touch its corners one after the other; the first one again closes it',
  usual: ({ height }) => ({
    kind: 'polygon',
    points: [
      { x: 0.35, y: height * 0.35 },
      { x: 0.65, y: height * 0.35 },
      { x: 0.65, y: height * 0.65 },
      { x: 0.35, y: height * 0.65 },
    ],
  }),
  outside: ({ points }, at) => {
    let inside = false;
    let near = Infinity;
    for (const [n, a] of points.entries()) {
      const b = points[(n + 1) % points.length]!;
      near = Math.min(near, fromStretch(at, a, b));
      const crosses = a.y > at.y !== b.y > at.y;
      if (crosses && at.x < a.x + ((at.y - a.y) / (b.y - a.y)) * (b.x - a.x)) inside = !inside;
    }
    return inside ? -near : near;
  },
  outline: ({ points }) => ({ closed: true, points }),
  handles: ({ points }) => points.map((_, n) => pointHandle(n)),
  numbers: placeNumbers(),
  shifted: ({ points, ...rest }, by) => ({ ...rest, points: shiftedPoints(points, by) }),
  label: ({ points }) => middleOf(points),
  mirrored: ({ points, ...rest }) => ({ ...rest, points: mirroredPoints(points) }),
};
