import type { ShapeKind } from './shape.ts';

export interface StraightEdge {
  readonly kind: 'edge';
  /** Two points of the card's edge; what lies to the right on the way from the first to the second is meant. */
  readonly x1: number;
  readonly y1: number;
  readonly x2: number;
  readonly y2: number;
}

export const straightEdge: ShapeKind<StraightEdge> = {
  id: 'edge',
  name: 'Edge',
  how: 'a straight edge: drag its two ends; the side with the number is meant',
  usual: ({ height }) => ({ kind: 'edge', x1: 1, y1: height / 3, x2: 0, y2: height / 3 }),
  outside: ({ x1, y1, x2, y2 }, { x, y }) => {
    const long = Math.hypot(x2 - x1, y2 - y1);
    if (long === 0) return 1;
    // Where y grows downwards, this is above zero to the right of the way.
    return ((x2 - x1) * (y - y1) - (y2 - y1) * (x - x1)) / -long;
  },
  outline: ({ x1, y1, x2, y2 }) => ({
    closed: false,
    points: [
      { x: x1, y: y1 },
      { x: x2, y: y2 },
    ],
  }),
  handles: [
    {
      at: ({ x1, y1 }) => ({ x: x1, y: y1 }),
      to: (shape, { x, y }) => ({ ...shape, x1: x, y1: y }),
    },
    {
      at: ({ x2, y2 }) => ({ x: x2, y: y2 }),
      to: (shape, { x, y }) => ({ ...shape, x2: x, y2: y }),
    },
  ],
  numbers: [
    { name: 'from across', of: ({ x1 }) => x1, with: (shape, x1) => ({ ...shape, x1 }) },
    { name: 'from down', of: ({ y1 }) => y1, with: (shape, y1) => ({ ...shape, y1 }) },
    { name: 'to across', of: ({ x2 }) => x2, with: (shape, x2) => ({ ...shape, x2 }) },
    { name: 'to down', of: ({ y2 }) => y2, with: (shape, y2) => ({ ...shape, y2 }) },
  ],
  shifted: (shape, { x, y }) => ({
    ...shape,
    x1: shape.x1 + x,
    y1: shape.y1 + y,
    x2: shape.x2 + x,
    y2: shape.y2 + y,
  }),
  label: ({ x1, y1, x2, y2 }) => {
    const long = Math.hypot(x2 - x1, y2 - y1) || 1;
    const [nx, ny] = [-(y2 - y1) / long, (x2 - x1) / long];
    return { x: (x1 + x2) / 2 + nx * 0.06, y: (y1 + y2) / 2 + ny * 0.06 };
  },
  mirrored: ({ x1, y1, x2, y2, ...rest }) => ({ ...rest, x1: 1 - x2, y1: y2, x2: 1 - x1, y2: y1 }),
};
