import type { Scene, Thing } from '../render.ts';
import { ball, blended, box, noise, rod } from '../solids.ts';

/** Snow over everything: drifts, and the heap under it. */
const drifts = (x: number, z: number) =>
  0.25 * noise(x * 0.35, 3, z * 0.35) + 0.06 * noise(x * 1.6, 7, z * 1.6);
const snow: Thing = {
  solid: (x, y, z) => (y - drifts(x, z)) * 0.8,
  albedo: 0.85,
  grain: [30, 0.08],
  shine: 0.1,
};

/** Broken glass that waits to be melted again. */
const cullet = Array.from({ length: 46 }, (_, n): Thing => {
  const turn = n * 2.399;
  const out = 1.15 * Math.sqrt((n % 23) / 23);
  const high = 0.28 + 0.62 * (1 - out / 1.15) + 0.04 * Math.sin(n * 5);
  const at = [-0.9 + out * Math.cos(turn), high, 5.2 + out * Math.sin(turn)] as const;
  const size = 0.1 + (0.07 * ((n * 13) % 7)) / 7;
  return {
    solid: n % 3 === 0 ? ball(at, size) : box(at, [size, size * 0.6, size * 0.8], 0.02),
    albedo: 0.12 + 0.4 * (((n * 29) % 11) / 11),
    grain: [9, 0.3],
    shine: 3,
  };
});

const tree = blended(
  0.12,
  rod([2.9, 0, 8.5], [2.75, 2.4, 8.4], 0.13),
  rod([2.75, 2.3, 8.4], [2.1, 4.2, 8.1], 0.07),
  rod([2.75, 2.2, 8.4], [3.6, 3.9, 8.6], 0.07),
  rod([2.35, 3.5, 8.2], [1.4, 4.4, 8], 0.035),
  rod([3.2, 3.1, 8.5], [4.3, 3.7, 8.4], 0.035),
  rod([2.6, 2.9, 8.3], [3, 4.9, 8.2], 0.04),
);
const fence = Array.from({ length: 7 }, (_, n): Thing => ({
  ...{ solid: box([-6 + n * 2, 0.55, 10], [0.06, 0.75, 0.06]), albedo: 0.1 },
}));

/** The yard in snow: the cullet heap in frost before the shed, a low sun. */
export const yardInSnow: Scene = {
  name: 'yard-in-snow',
  things: [
    snow,
    ...cullet,
    { solid: box([-3.4, 1.4, 8.6], [2.3, 1.4, 1.4], 0.03), albedo: 0.2, grain: [9, 0.8] },
    // Its roof, with snow on it.
    {
      solid: (x, y, z) =>
        Math.max(box([-3.4, 3.1, 8.5], [2.6, 0.5, 1.8])(x, y, z), y - 3.35 + 0.3 * (z - 8.5)),
      albedo: 0.8,
      grain: [20, 0.1],
    },
    { solid: box([-2.4, 1.5, 7.2], [0.4, 0.45, 0.04]), albedo: 0.05, shine: 4 },
    { solid: box([-4.3, 1.1, 7.2], [0.5, 1.05, 0.05]), albedo: 0.08, grain: [14, 0.7] },
    { solid: tree, albedo: 0.07, grain: [18, 0.7] },
    ...fence,
    { solid: rod([-6, 0.95, 10], [6, 1, 10], 0.03), albedo: 0.1 },
    { solid: box([1.6, 0.42, 4.2], [0.42, 0.3, 0.42], 0.02), albedo: 0.16, grain: [16, 0.6] },
    { solid: box([1.6, 0.76, 4.2], [0.46, 0.06, 0.46], 0.05), albedo: 0.86, grain: [20, 0.08] },
  ],
  lights: [{ at: [26, 11, -4], power: 900 }],
  sky: { ambient: 0.5, seen: 1.15 },
  air: { dense: 0.012, bright: 1 },
  eye: [0.5, 1.5, -0.4],
  towards: [0.1, 1.15, 6],
  tall: 0.5,
};
