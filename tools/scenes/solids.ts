/** Distances from a point to solids: below zero within. Lengths in metres. */

export type Distance = (x: number, y: number, z: number) => number;
type Point = readonly [x: number, y: number, z: number];

export function box([cx, cy, cz]: Point, [bx, by, bz]: Point, round = 0): Distance {
  return (x, y, z) => {
    const qx = Math.abs(x - cx) - bx + round;
    const qy = Math.abs(y - cy) - by + round;
    const qz = Math.abs(z - cz) - bz + round;
    const outside = Math.hypot(Math.max(qx, 0), Math.max(qy, 0), Math.max(qz, 0));
    return outside + Math.min(Math.max(qx, qy, qz), 0) - round;
  };
}

export function ball([cx, cy, cz]: Point, radius: number): Distance {
  return (x, y, z) => Math.hypot(x - cx, y - cy, z - cz) - radius;
}

/** A rod with round ends. */
export function rod([ax, ay, az]: Point, [bx, by, bz]: Point, radius: number): Distance {
  const [dx, dy, dz] = [bx - ax, by - ay, bz - az];
  const square = dx * dx + dy * dy + dz * dz;
  return (x, y, z) => {
    const along = ((x - ax) * dx + (y - ay) * dy + (z - az) * dz) / square;
    const t = Math.min(1, Math.max(0, along));
    return Math.hypot(x - ax - t * dx, y - ay - t * dy, z - az - t * dz) - radius;
  };
}

/** A standing cylinder. */
export function column([cx, cy, cz]: Point, radius: number, half: number): Distance {
  return (x, y, z) => Math.max(Math.hypot(x - cx, z - cz) - radius, Math.abs(y - cy) - half);
}

/** A thin-walled bowl, open at the top. */
export function bowl([cx, cy, cz]: Point, radius: number, wall = 0.018): Distance {
  return (x, y, z) =>
    Math.max(
      Math.abs(Math.hypot(x - cx, y - cy, z - cz) - radius) - wall,
      y - cy - radius * 0.25,
      cy - radius * 0.82 - y,
    );
}

export const level =
  (height: number): Distance =>
  (_x, y) =>
    y - height;

export const without =
  (solid: Distance, ...cut: readonly Distance[]): Distance =>
  (x, y, z) =>
    Math.max(solid(x, y, z), ...cut.map((one) => -one(x, y, z)));

/** Solids that run into each other softly. */
export function blended(soft: number, ...solids: readonly Distance[]): Distance {
  return (x, y, z) => {
    let least = Infinity;
    for (const solid of solids) {
      const one = solid(x, y, z);
      const near = Math.max(soft - Math.abs(least - one), 0) / soft;
      least = Math.min(least, one) - (Number.isFinite(near) ? (near * near * soft) / 4 : 0);
    }
    return least;
  };
}

const fraction = (value: number) => value - Math.floor(value);
const lattice = (x: number, y: number, z: number) =>
  fraction(Math.sin(x * 127.1 + y * 311.7 + z * 74.7) * 43_758.5453);
const eased = (t: number) => t * t * (3 - 2 * t);

/** Noise that varies over a length of 1, from 0 to 1. */
export function noise(x: number, y: number, z: number): number {
  const [ix, iy, iz] = [Math.floor(x), Math.floor(y), Math.floor(z)];
  const [fx, fy, fz] = [eased(x - ix), eased(y - iy), eased(z - iz)];
  const mix = (a: number, b: number, t: number) => a + (b - a) * t;
  const row = (dy: number, dz: number) =>
    mix(lattice(ix, iy + dy, iz + dz), lattice(ix + 1, iy + dy, iz + dz), fx);
  return mix(mix(row(0, 0), row(1, 0), fy), mix(row(0, 1), row(1, 1), fy), fz);
}
