import type { ShapeKind } from './shape.ts';

export interface Ellipse {
  readonly kind: 'ellipse';
  readonly x: number;
  readonly y: number;
  readonly rx: number;
  readonly ry: number;
}

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
  label: ({ x, y, ry }) => ({ x, y: y - ry }),
  mirrored: (shape) => ({ ...shape, x: 1 - shape.x }),
};
