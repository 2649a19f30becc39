import type { At, PictureTones } from '@katachron/core';
import { wholePicture } from './corners.ts';
import { projection } from './projection.ts';

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

/** A print that was photographed at an angle, as if from straight above: its four corners become those of the picture. */
export function squaredUp(
  tones: PictureTones,
  corners: readonly At[],
  width: number,
  height: number,
): PictureTones {
  const spread = (places: readonly At[], wide: number, high: number) =>
    places.map(({ x, y }) => ({ x: x * (wide - 1), y: y * (high - 1) }));
  const placed = projection(
    spread(wholePicture, width, height),
    spread(corners, tones.width, tones.height),
  );
  const codes = new Uint8Array(width * height);
  for (let row = 0, at = 0; row < height; row += 1) {
    for (let column = 0; column < width; column += 1, at += 1) {
      const { x, y } = placed(column, row);
      codes[at] = toneAt(tones, x, y);
    }
  }
  return { codes, width, height };
}
