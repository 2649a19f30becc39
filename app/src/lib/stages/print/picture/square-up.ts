import { wholePicture } from '../../../nouns/picture/corners.ts';
import type { At, PictureTones } from '@katachron/core';
import { Matrix, solve } from 'ml-matrix';

/** The tone at a place between pixels. */
function toneAt({ codes, width, height }: PictureTones, x: number, y: number): number {
  const left = Math.min(width - 1, Math.max(0, Math.floor(x)));
  const top = Math.min(height - 1, Math.max(0, Math.floor(y)));
  const [right, below] = [Math.min(width - 1, left + 1), Math.min(height - 1, top + 1)];
  const across = Math.min(1, Math.max(0, x - left));
  const down = Math.min(1, Math.max(0, y - top));
  const row = (at: number) =>
    codes[at * width + left]! * (1 - across) + codes[at * width + right]! * across;
  return row(top) * (1 - down) + row(below) * down;
}

/** The eight numbers of the projection that takes four places to four others (a homography). */
function projection(from: readonly At[], to: readonly At[]): readonly number[] {
  const rows = from.flatMap(({ x, y }, n) => {
    const { x: u, y: v } = to[n]!;
    return [
      [x, y, 1, 0, 0, 0, -u * x, -u * y],
      [0, 0, 0, x, y, 1, -v * x, -v * y],
    ];
  });
  const places = to.flatMap(({ x, y }) => [[x], [y]]);
  return solve(new Matrix(rows), new Matrix(places)).to1DArray();
}

/** A print that was photographed at an angle, as if from straight above: its four corners become those of the picture. */
export function squaredUp(
  tones: PictureTones,
  corners: readonly At[],
  width: number,
  height: number,
): PictureTones {
  const spread = (places: readonly At[], wide: number, high: number) =>
    places.map(({ x, y }) => ({ x: x * (wide - 1), y: y * (high - 1) }));
  const [a = 1, b = 0, c = 0, d = 0, e = 1, f = 0, g = 0, h = 0] = projection(
    spread(wholePicture, width, height),
    spread(corners, tones.width, tones.height),
  );
  const codes = new Uint8Array(width * height);
  for (let row = 0, at = 0; row < height; row += 1) {
    for (let column = 0; column < width; column += 1, at += 1) {
      const over = g * column + h * row + 1;
      codes[at] = toneAt(
        tones,
        (a * column + b * row + c) / over,
        (d * column + e * row + f) / over,
      );
    }
  }
  return { codes, width, height };
}
