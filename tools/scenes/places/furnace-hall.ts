import type { Scene, Thing } from '../render.ts';
import { ball, blended, bowl, box, column, level, rod, without } from '../solids.ts';

const legs = [0.95, 3.25].flatMap((x) =>
  [3.6, 4.4].map((z): Thing => ({ solid: box([x, 0.45, z], [0.05, 0.45, 0.05]), albedo: 0.25 })),
);
const posts = [-4.2, 3.4].flatMap((x) =>
  [3, 5.6].map((z): Thing => ({
    ...{ solid: box([x, 2.5, z], [0.16, 2.7, 0.16], 0.03), albedo: 0.2, grain: [9, 0.6] },
  })),
);
const beams = [3, 5.5, 8].map((z): Thing => ({
  ...{ solid: box([0, 4.7, z], [6, 0.14, 0.12]), albedo: 0.14 },
}));
const mouth = blended(0.02, box([-1.2, 1.25, 6.4], [0.55, 0.45, 1]), (x, y, z) =>
  Math.max(Math.hypot(x + 1.2, y - 1.7) - 0.55, Math.abs(z - 6.4) - 1),
);
const gatherer = blended(
  0.09,
  rod([0.25, 0.95, 5.2], [0.22, 1.5, 5.2], 0.2),
  rod([0.18, 0.95, 5.15], [0.1, 0.05, 5.1], 0.1),
  rod([0.33, 0.95, 5.25], [0.42, 0.05, 5.35], 0.1),
  rod([0.1, 1.45, 5.2], [-0.25, 1.2, 5.5], 0.075),
  rod([0.3, 1.45, 5.1], [-0.05, 1.15, 5.3], 0.075),
  ball([0.2, 1.82, 5.18], 0.14),
);

/** The furnace hall by night: its mouth open, somebody gathering, bowls on the bench. */
export const furnaceHall: Scene = {
  name: 'furnace-hall',
  things: [
    { solid: level(0), albedo: 0.22, grain: [5, 0.7] },
    { solid: (_x, _y, z) => 9 - z, albedo: 0.16, grain: [4, 0.5] },
    { solid: (x) => x + 6, albedo: 0.18 },
    { solid: (x) => 6 - x, albedo: 0.18 },
    { solid: (_x, y) => 5.2 - y, albedo: 0.12 },
    {
      solid: without(box([-1.2, 1.5, 7.6], [1.7, 1.5, 1.2], 0.15), mouth),
      albedo: 0.3,
      grain: [7, 0.6],
    },
    { solid: box([-1.2, 1.5, 7.35], [0.6, 0.8, 0.05]), albedo: 0.5, glow: 14 },
    { solid: box([-1.2, 4, 7.9], [0.6, 1.4, 0.6], 0.05), albedo: 0.2 },
    ...beams,
    ...posts,
    { solid: box([2.1, 0.92, 4], [1.3, 0.05, 0.5], 0.02), albedo: 0.4, grain: [14, 0.5] },
    ...legs,
    { solid: bowl([1.5, 1.2, 3.9], 0.24), albedo: 0.75, grain: [3, 0.1], shine: 1.2 },
    { solid: bowl([2.15, 1.15, 4.1], 0.19), albedo: 0.7, grain: [3, 0.1], shine: 1.2 },
    { solid: bowl([2.75, 1.24, 3.95], 0.28), albedo: 0.8, grain: [3, 0.1], shine: 1.2 },
    { solid: column([3.15, 1.2, 4.2], 0.07, 0.25), albedo: 0.75, shine: 1 },
    { solid: gatherer, albedo: 0.16, grain: [20, 0.5] },
    { solid: rod([-0.1, 1.17, 5.35], [-0.95, 1.28, 6.2], 0.018), albedo: 0.3 },
    { solid: ball([-0.98, 1.29, 6.23], 0.09), albedo: 0.6, glow: 9 },
    { solid: box([5.95, 3.1, 5], [0.04, 0.7, 0.9]), albedo: 0.5, glow: 2.4 },
  ],
  lights: [
    { at: [-1.2, 1.45, 6.25], power: 8.3 },
    { at: [5.5, 3.1, 5], power: 1 },
    { at: [1.8, 4.2, 1.6], power: 3.5 },
    { at: [-3.5, 4.2, 3.2], power: 1.6 },
  ],
  sky: { ambient: 0.05, seen: 0.002 },
  air: { dense: 0.012, bright: 0.03 },
  eye: [0.6, 1.55, -0.6],
  towards: [0.35, 1.45, 6],
  tall: 0.61,
};
