import type { ShapeKind } from './shape.ts';

export interface Ellipse {
  readonly kind: 'ellipse';
  readonly x: number;
  readonly y: number;
  readonly rx: number;
  readonly ry: number;
}

/** Narrower than this nothing is drawn, in widths of the picture. */
const LEAST = 0.01;

export const ellipse: ShapeKind<Ellipse> = {
  id: 'ellipse',
  name: 'Ellipse',
  how: 'drag it by its middle, stretch it by its handles',
  usual: ({ height }) => ({ kind: 'ellipse', x: 0.5, y: height / 2, rx: 0.15, ry: 0.12 }),
  outside: ({ x, y, rx, ry }, at) => {
    const [dx, dy] = [(at.x - x) / rx, (at.y - y) / ry];
    const away = Math.hypot(dx, dy);
    // Along the ray from the middle, as long as the radius is there.
    return away === 0 ? -Math.min(rx, ry) : (away - 1) * (Math.hypot(at.x - x, at.y - y) / away);
  },
  outline: ({ x, y, rx, ry }) => ({
    closed: true,
    points: Array.from({ length: 64 }, (_, n) => ({
      x: x + rx * Math.cos((n * Math.PI) / 32),
      y: y + ry * Math.sin((n * Math.PI) / 32),
    })),
  }),
  handles: [
    { at: ({ x, y }) => ({ x, y }), to: (shape, { x, y }) => ({ ...shape, x, y }) },
    {
      at: ({ x, y, rx }) => ({ x: x + rx, y }),
      to: (shape, at) => ({ ...shape, rx: Math.max(LEAST, Math.abs(at.x - shape.x)) }),
    },
    {
      at: ({ x, y, ry }) => ({ x, y: y + ry }),
      to: (shape, at) => ({ ...shape, ry: Math.max(LEAST, Math.abs(at.y - shape.y)) }),
    },
  ],
  numbers: [
    { name: 'across', of: ({ x }) => x, with: (shape, x) => ({ ...shape, x }) },
    { name: 'down', of: ({ y }) => y, with: (shape, y) => ({ ...shape, y }) },
    {
      name: 'wide',
      of: ({ rx }) => 2 * rx,
      with: (shape, wide) => ({ ...shape, rx: Math.max(LEAST, wide / 2) }),
    },
    {
      name: 'high',
      of: ({ ry }) => 2 * ry,
      with: (shape, high) => ({ ...shape, ry: Math.max(LEAST, high / 2) }),
    },
  ],
  shifted: (shape, by) => ({ ...shape, x: shape.x + by.x, y: shape.y + by.y }),
  label: ({ x, y, ry }) => ({ x, y: y - ry }),
  mirrored: (shape) => ({ ...shape, x: 1 - shape.x }),
};
