import type { At } from '@katachron/core';
import type { ShownPicture } from './contract.ts';

/** The whole picture, from its top left clockwise. */
export const wholePicture: readonly At[] = [
  { x: 0, y: 0 },
  { x: 1, y: 0 },
  { x: 1, y: 1 },
  { x: 0, y: 1 },
];

/** A picture cannot be squared up to less than this share of its width, or from corners that cross. */
const LEAST = 0.05;
/** A frame on a proof sheet may be much smaller. */
export const LEAST_PART = 0.005;

/** Turns the same way at every corner, and far enough: corners that a print can have. */
export function areCorners(corners: readonly At[], least = LEAST): boolean {
  return corners.every((at, n) => {
    const [before, after] = [corners[(n + 3) % 4]!, corners[(n + 1) % 4]!];
    const turn = (at.x - before.x) * (after.y - at.y) - (at.y - before.y) * (after.x - at.x);
    return turn > least * least;
  });
}

type Sides = Pick<ShownPicture, 'width' | 'height' | 'corners'>;

/** Height for a width of 1 as it is shown: of a print that was squared up, what its sides come to on the average. */
export function shownRatio({ width, height, corners }: Sides, least = LEAST): number {
  if (!corners || !areCorners(corners, least)) return height / width;
  const side = (a: number, b: number) =>
    Math.hypot((corners[b]!.x - corners[a]!.x) * width, (corners[b]!.y - corners[a]!.y) * height);
  return (side(1, 2) + side(3, 0)) / (side(0, 1) + side(2, 3));
}
