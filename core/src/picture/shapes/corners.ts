import type { ShapeKind } from './shape.ts';

export interface Corners {
  readonly kind: 'corners';
}

export const corners: ShapeKind<Corners> = {
  id: 'corners',
  name: 'Corners',
  how: 'all four, by the square of how far they are from the middle',
  usual: () => ({ kind: 'corners' }),
  outside: (_shape, { x, y }, { height }) => {
    const [dx, dy] = [x - 0.5, y - height / 2];
    return 0.75 * Math.hypot(0.5, height / 2) - Math.hypot(dx, dy);
  },
  share: (_shape, { x, y }, { height }) => {
    const [dx, dy] = [x - 0.5, y - height / 2];
    return (dx * dx + dy * dy) / (0.25 + (height * height) / 4);
  },
  outline: (_shape, { height }) => {
    const radius = 0.85 * Math.hypot(0.5, height / 2);
    return {
      closed: true,
      points: Array.from({ length: 96 }, (_, n) => ({
        x: 0.5 + radius * Math.cos((n * Math.PI) / 48),
        y: height / 2 + radius * Math.sin((n * Math.PI) / 48),
      })),
    };
  },
  handles: [],
  numbers: [],
  shifted: (shape) => shape,
  label: (_shape, { height }) => ({ x: 0.95, y: height - 0.05 }),
  mirrored: (shape) => shape,
};
