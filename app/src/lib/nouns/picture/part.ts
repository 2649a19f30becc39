import type { At } from '@katachron/core';

/** A picture, or the part of it between four corners, small: to know a print or a frame by. */
export interface Part {
  readonly id: string;
  /** From the top left one clockwise, in shares of its width and height. */
  readonly corners?: readonly At[] | undefined;
  readonly mirrored?: boolean | undefined;
  readonly cell?: Cell | undefined;
}

/** A cell of a grid that is fetched whole: of a hundred frames the browser has one picture. */
export interface Cell {
  readonly column: number;
  readonly row: number;
  readonly columns: number;
  readonly rows: number;
  /** Its height over its width. */
  readonly ratio: number;
}

/** The longest side that a small picture has, px: sharp enough for a phone. */
export const SMALL_SIDE = 240;
/** And a whole grid of them. */
export const GRID_SIDE = 1080;

const shown = (share: number) => Number(share.toFixed(4));

/** Where it is fetched. */
export function partAddress({ id, corners, mirrored, cell }: Part): string {
  const asked = new URLSearchParams({
    ...(corners && { corners: corners.flatMap(({ x, y }) => [shown(x), shown(y)]).join(',') }),
    ...(mirrored && { mirrored: 'yes' }),
    ...(cell && { grid: 'yes' }),
  }).toString();
  return `/api/v1/pictures/${id}/small${asked && `?${asked}`}`;
}
