import type { ShapeKind } from './shape.ts';

export interface StraightEdge {
  readonly kind: 'edge';
  /** Two points of the card's edge; what lies to the left on the way from the first to the second is meant. */
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
    // Positive to the right of the way, where y grows downwards.
    return ((x2 - x1) * (y - y1) - (y2 - y1) * (x - x1)) / -long;
  },
  label: ({ x1, y1, x2, y2 }) => {
    const long = Math.hypot(x2 - x1, y2 - y1) || 1;
    const [nx, ny] = [-(y2 - y1) / long, (x2 - x1) / long];
    return { x: (x1 + x2) / 2 + nx * 0.06, y: (y1 + y2) / 2 + ny * 0.06 };
  },
  mirrored: ({ x1, y1, x2, y2, ...rest }) => ({ ...rest, x1: 1 - x2, y1: y2, x2: 1 - x1, y2: y1 }),
};
