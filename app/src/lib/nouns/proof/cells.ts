import type { At } from '@katachron/core';
import { areCorners, shownRatio, wholePicture } from '../picture/corners.ts';
import type { Part } from '../picture/part.ts';
import { projection } from '../picture/projection.ts';
import type { ProofPicture } from './contract.ts';
import type { FrameOrder } from './orders.ts';

type Grid = Pick<ProofPicture, 'corners' | 'columns' | 'rows' | 'first' | 'order'>;

/** So much of a cell is the gap between two frames, on each side. */
const GAP = 0.03;

/** Column and row of the n-th cell, by how the frames run. */
const cellAt: Record<FrameOrder, (n: number, grid: Grid) => readonly [number, number]> = {
  across: (n, { columns }) => [n % columns, Math.floor(n / columns)],
  down: (n, { rows }) => [Math.floor(n / rows), n % rows],
};

/** The frames that a grid has cells for. */
export function framesIn({ columns, rows, first }: Grid): number[] {
  return Array.from({ length: columns * rows }, (_, n) => first + n);
}

/** The corners of each cell on the picture, by the number of its frame; none where the grid is none. */
export function cells(grid: Grid, gap = GAP): Map<number, At[]> {
  if (!areCorners(grid.corners)) return new Map();
  const placed = projection(wholePicture, grid.corners);
  return new Map(
    framesIn(grid).map((number, n) => {
      const [column, row] = cellAt[grid.order](n, grid);
      return [
        number,
        wholePicture.map(({ x, y }) =>
          placed(
            (column + gap + x * (1 - 2 * gap)) / grid.columns,
            (row + gap + y * (1 - 2 * gap)) / grid.rows,
          ),
        ),
      ];
    }),
  );
}

/** One frame of a proof that was photographed, cut out of it. */
export function framePart(picture: ProofPicture | undefined, number: number): Part | undefined {
  if (!picture) return undefined;
  const corners = cells(picture).get(number);
  return corners && { id: picture.id, corners };
}

/** The small picture of each frame of a proof that was photographed: all of them one file, fetched once. */
export function frameParts(picture: ProofPicture | undefined): Map<number, Part> {
  if (!picture || !areCorners(picture.corners)) return new Map();
  const { id, corners, columns, rows, order } = picture;
  const ratio = (shownRatio(picture) * columns) / rows;
  return new Map(
    framesIn(picture).map((number, n) => {
      const [column, row] = cellAt[order](n, picture);
      return [number, { id, corners, cell: { column, row, columns, rows, ratio } }];
    }),
  );
}
