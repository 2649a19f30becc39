import { noise, type Distance } from './solids.ts';

type Point = readonly [x: number, y: number, z: number];

/** Something in a scene. */
export interface Thing {
  readonly solid: Distance;
  /** Share of the light that it throws back. */
  readonly albedo: number;
  /** Light of its own. */
  readonly glow?: number;
  /** How rough its surface looks: how many times a metre, and how strongly. */
  readonly grain?: readonly [often: number, strength: number];
  readonly shine?: number;
}

export interface Scene {
  readonly name: string;
  readonly things: readonly Thing[];
  readonly lights: readonly { readonly at: Point; readonly power: number }[];
  /** Light from everywhere above, and the brightness of the sky itself. */
  readonly sky: { readonly ambient: number; readonly seen: number };
  /** How much the air veils in a metre, and how bright the veil is. */
  readonly air: { readonly dense: number; readonly bright: number };
  readonly eye: Point;
  readonly towards: Point;
  /** Half the height of the picture at a distance of 1. */
  readonly tall: number;
}

const FAR = 40;
const NEAR = 0.0015;

const minus = (a: Point, b: Point): Point => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
const dot = (a: Point, b: Point) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const cross = (a: Point, b: Point): Point => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
const unit = (a: Point): Point => {
  const length = Math.hypot(...a);
  return [a[0] / length, a[1] / length, a[2] / length];
};

/** What there is nearest to a point, and how far. */
function nearest(things: readonly Thing[], x: number, y: number, z: number) {
  let distance = Infinity;
  let thing = things[0]!;
  for (const one of things) {
    const away = one.solid(x, y, z);
    if (away < distance) {
      distance = away;
      thing = one;
    }
  }
  return { distance, thing };
}

function away(things: readonly Thing[], x: number, y: number, z: number): number {
  let least = Infinity;
  for (const { solid } of things) {
    const one = solid(x, y, z);
    if (one < least) least = one;
  }
  return least;
}

/** The scene's luminances, row by row, one ray through each pixel. */
export function render(scene: Scene, width: number, height: number, random: () => number) {
  const { things, eye } = scene;
  const forward = unit(minus(scene.towards, eye));
  const right = unit(cross([0, 1, 0], forward));
  const up = cross(forward, right);
  const luminances = new Float64Array(width * height);
  for (let row = 0, at = 0; row < height; row += 1) {
    for (let column = 0; column < width; column += 1, at += 1) {
      const across = ((column + random() - width / 2) / height) * 2 * scene.tall;
      const upward = ((height / 2 - row - random()) / height) * 2 * scene.tall;
      const ray = unit([
        forward[0] + right[0] * across + up[0] * upward,
        forward[1] + right[1] * across + up[1] * upward,
        forward[2] + right[2] * across + up[2] * upward,
      ]);
      luminances[at] = seen(scene, things, ray);
    }
  }
  return luminances;
}

function seen(scene: Scene, things: readonly Thing[], ray: Point): number {
  const [ex, ey, ez] = scene.eye;
  let far = 0.02;
  for (let step = 0; step < 160 && far < FAR; step += 1) {
    const [x, y, z] = [ex + ray[0] * far, ey + ray[1] * far, ez + ray[2] * far];
    const { distance, thing } = nearest(things, x, y, z);
    if (distance < NEAR) return veiled(scene, lit(scene, things, thing, [x, y, z], ray), far);
    far += distance * 0.9;
  }
  return veiled(scene, scene.sky.seen * (1 + 0.4 * Math.max(0, ray[1])), FAR);
}

function veiled({ air }: Scene, luminance: number, far: number): number {
  const through = Math.exp(-air.dense * far);
  return luminance * through + air.bright * (1 - through);
}

function lit(scene: Scene, things: readonly Thing[], thing: Thing, at: Point, ray: Point): number {
  if (thing.glow) return thing.glow;
  const [x, y, z] = at;
  const e = 0.002;
  const normal = unit([
    thing.solid(x + e, y, z) - thing.solid(x - e, y, z),
    thing.solid(x, y + e, z) - thing.solid(x, y - e, z),
    thing.solid(x, y, z + e) - thing.solid(x, y, z - e),
  ]);
  let light = scene.sky.ambient * (0.55 + 0.45 * normal[1]);
  const { shine = 0.25 } = thing;
  for (const lamp of scene.lights) {
    const to = minus(lamp.at, at);
    const square = dot(to, to);
    const direction = unit(to);
    const facing = dot(normal, direction);
    if (facing <= 0) continue;
    const half = unit(minus(direction, ray));
    const gloss = shine * Math.max(0, dot(normal, half)) ** 40;
    light +=
      ((lamp.power * (facing + gloss)) / (square + 0.3)) *
      reached(things, at, normal, direction, Math.sqrt(square));
  }
  let open = 1;
  for (const k of [0.05, 0.15, 0.4]) {
    const room = away(things, x + normal[0] * k, y + normal[1] * k, z + normal[2] * k);
    open -= (Math.max(0, k - room) * 0.28) / k;
  }
  const [often, strength] = thing.grain ?? [6, 0.35];
  const rough =
    1 -
    strength / 2 +
    strength * noise(x * often, y * often, z * often) +
    (strength / 2) * (noise(x * often * 4, y * often * 4, z * often * 4) - 0.5);
  return thing.albedo * rough * light * Math.max(0.15, open);
}

/** How much of a lamp reaches a point: soft where something is nearly in the way. */
function reached(
  things: readonly Thing[],
  at: Point,
  normal: Point,
  direction: Point,
  far: number,
): number {
  const [x, y, z] = [
    at[0] + normal[0] * 0.006,
    at[1] + normal[1] * 0.006,
    at[2] + normal[2] * 0.006,
  ];
  let share = 1;
  let gone = 0.03;
  for (let step = 0; step < 60 && gone < far - 0.12; step += 1) {
    const room = away(
      things,
      x + direction[0] * gone,
      y + direction[1] * gone,
      z + direction[2] * gone,
    );
    if (room < 0.001) return 0;
    share = Math.min(share, (14 * room) / gone);
    gone += Math.max(room, 0.012);
  }
  return share;
}
