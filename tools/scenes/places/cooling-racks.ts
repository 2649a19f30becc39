import type { Scene, Thing } from '../render.ts';
import { ball, bowl, box, column, level, without } from '../solids.ts';

const shelves = [0.55, 1.15, 1.75].map((y): Thing => ({
  ...{ solid: box([0.9, y, 3.2], [1.5, 0.025, 0.42], 0.01), albedo: 0.35, grain: [16, 0.6] },
}));
const uprights = [-0.55, 2.35].flatMap((x) =>
  [2.82, 3.58].map((z): Thing => ({
    ...{ solid: box([x, 1.1, z], [0.035, 1.1, 0.035]), albedo: 0.22 },
  })),
);

/** Bowls and bottles, no two of a size. */
const wares = [0, 1, 2].flatMap((tier) =>
  Array.from({ length: 6 }, (_, n): Thing => {
    const wide = 0.1 + 0.07 * (((n * 7 + tier * 5) % 4) / 4);
    const floor = 0.575 + tier * 0.6;
    const [x, z] = [-0.3 + n * 0.48 + 0.05 * Math.sin(n * 9 + tier), 3.1 + 0.14 * ((n + tier) % 2)];
    const bottle = (n + tier * 2) % 3 === 2;
    return {
      solid: bottle
        ? (px, py, pz) =>
            Math.min(
              column([x, floor + 0.14, z], wide * 0.7, 0.14)(px, py, pz),
              column([x, floor + 0.34, z], 0.03, 0.08)(px, py, pz),
            )
        : bowl([x, floor + wide * 0.8, z], wide),
      albedo: 0.5 + 0.3 * (((n * 3 + tier) % 5) / 5),
      grain: [3, 0.12],
      shine: 1.6,
    };
  }),
);

/** Bowls on the cooling racks; the annealing oven’s door stands ajar. */
export const coolingRacks: Scene = {
  name: 'cooling-racks',
  things: [
    { solid: level(0), albedo: 0.2, grain: [4, 0.8] },
    { solid: (_x, _y, z) => 4.4 - z, albedo: 0.3, grain: [5, 0.5] },
    { solid: (x) => 3.4 - x, albedo: 0.25, grain: [5, 0.5] },
    ...shelves,
    ...uprights,
    ...wares,
    {
      solid: without(
        box([-1.9, 1.1, 3.3], [0.75, 1.1, 0.8], 0.05),
        box([-1.75, 1.15, 2.6], [0.5, 0.7, 0.5]),
      ),
      albedo: 0.24,
      grain: [8, 0.5],
    },
    { solid: box([-1.75, 1.15, 3.05], [0.5, 0.7, 0.03]), albedo: 0.5, glow: 3 },
    // The door, ajar: a leaf turned outwards.
    {
      solid: (x, y, z) => {
        const [dx, dz] = [x + 2.28, z - 2.48];
        const turn = 1.05;
        const [u, w] = [
          dx * Math.cos(turn) - dz * Math.sin(turn),
          dx * Math.sin(turn) + dz * Math.cos(turn),
        ];
        return box([0.53, 1.15, 0], [0.53, 0.74, 0.05], 0.02)(u, y, w);
      },
      albedo: 0.2,
      grain: [10, 0.4],
    },
    { solid: ball([1.9, 0.17, 2.3], 0.17), albedo: 0.6, grain: [3, 0.1], shine: 2 },
    { solid: box([3.36, 2.3, 2.6], [0.03, 0.5, 0.7]), albedo: 0.5, glow: 3.2 },
  ],
  lights: [
    { at: [-1.45, 1.2, 2.05], power: 5 },
    { at: [3.05, 2.3, 2.4], power: 2.2 },
    { at: [0.4, 3.6, 0.2], power: 3 },
  ],
  sky: { ambient: 0.035, seen: 0.01 },
  air: { dense: 0.015, bright: 0.02 },
  eye: [0.15, 1.45, -1.05],
  towards: [-0.05, 1.12, 3],
  tall: 0.46,
};
