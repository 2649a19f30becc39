import type { GreyImage, Spot } from './grey-image.ts';
import type { LightField } from './light-field.ts';

/** A strip found on a picture, in pixels: corners from one end around, its long side from the first to the second. */
export type StripCorners = readonly [Spot, Spot, Spot, Spot];

/** A strip is at least so many times as long as wide, and covers at least this share of the picture. */
const LEAST_LONG = 2.5;
const LEAST_SHARE = 0.004;
/** Ends of a strip are where this share of its pixels lies within: a hair beside it does not count. */
const TRIM = 0.002;

/** Everything that covers the ground, piece by piece. */
const piecesOf = ({ width, height }: GreyImage, covered: Uint8Array): number[][] => {
  const seen = new Uint8Array(covered.length);
  const pieces: number[][] = [];
  for (let start = 0; start < covered.length; start += 1) {
    if (covered[start] === 0 || seen[start] === 1) continue;
    const piece = [start];
    seen[start] = 1;
    for (let next = 0; next < piece.length; next += 1) {
      const at = piece[next]!;
      const x = at % width;
      const y = Math.floor(at / width);
      for (const [dx, dy] of [
        [-1, 0],
        [1, 0],
        [0, -1],
        [0, 1],
      ] as const) {
        const [nx, ny] = [x + dx, y + dy];
        if (nx < 0 || ny < 0 || nx >= width || ny >= height) continue;
        const to = ny * width + nx;
        if (covered[to] === 0 || seen[to] === 1) continue;
        seen[to] = 1;
        piece.push(to);
      }
    }
    pieces.push(piece);
  }
  return pieces;
};

/** The rectangle that a piece fills, turned as it lies. */
const rectangleOf = (piece: readonly number[], width: number) => {
  const xs = piece.map((at) => (at % width) + 0.5);
  const ys = piece.map((at) => Math.floor(at / width) + 0.5);
  const mean = (values: readonly number[]) =>
    values.reduce((sum, value) => sum + value, 0) / values.length;
  const [cx, cy] = [mean(xs), mean(ys)];
  const spread = (a: readonly number[], b: readonly number[], ca: number, cb: number) =>
    mean(a.map((value, index) => (value - ca) * (b[index]! - cb)));
  const angle =
    Math.atan2(2 * spread(xs, ys, cx, cy), spread(xs, xs, cx, cx) - spread(ys, ys, cy, cy)) / 2;
  const [ux, uy] = [Math.cos(angle), Math.sin(angle)];
  const along = xs.map((x, index) => (x - cx) * ux + (ys[index]! - cy) * uy);
  const across = xs.map((x, index) => (ys[index]! - cy) * ux - (x - cx) * uy);
  const ends = (values: readonly number[]): [number, number] => {
    const sorted = values.toSorted((a, b) => a - b);
    const cut = Math.floor(sorted.length * TRIM);
    return [sorted[cut]! - 0.5, sorted[sorted.length - 1 - cut]! + 0.5];
  };
  const [a0, a1] = ends(along);
  const [b0, b1] = ends(across);
  const corner = (a: number, b: number): Spot => ({
    x: cx + a * ux - b * uy,
    y: cy + a * uy + b * ux,
  });
  return {
    corners: [corner(a0, b0), corner(a1, b0), corner(a1, b1), corner(a0, b1)] as StripCorners,
    long: a1 - a0,
    wide: b1 - b0,
    centre: { x: cx, y: cy },
  };
};

/** The strips of a picture, the upper (or the left) one first. */
export const findStrips = (image: GreyImage, { covered }: LightField): StripCorners[] => {
  const least = image.width * image.height * LEAST_SHARE;
  const found = piecesOf(image, covered)
    .filter((piece) => piece.length >= least)
    .map((piece) => rectangleOf(piece, image.width))
    .filter(({ long, wide }) => long >= LEAST_LONG * wide)
    .toSorted((a, b) => b.long * b.wide - a.long * a.wide)
    .slice(0, 2);
  const [first, second] = found;
  const beside =
    first &&
    second &&
    Math.abs(first.centre.y - second.centre.y) < Math.abs(first.centre.x - second.centre.x);
  return found
    .toSorted((a, b) => (beside ? a.centre.x - b.centre.x : a.centre.y - b.centre.y))
    .map(({ corners }) => corners);
};
