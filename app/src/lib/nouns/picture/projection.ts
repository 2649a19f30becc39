import type { At } from '@katachron/core';
import { Matrix, solve } from 'ml-matrix';

/** The projection that takes four places to four others (a homography). */
export function projection(from: readonly At[], to: readonly At[]): (x: number, y: number) => At {
  const rows = from.flatMap(({ x, y }, n) => {
    const { x: u, y: v } = to[n]!;
    return [
      [x, y, 1, 0, 0, 0, -u * x, -u * y],
      [0, 0, 0, x, y, 1, -v * x, -v * y],
    ];
  });
  const places = to.flatMap(({ x, y }) => [[x], [y]]);
  const [a = 1, b = 0, c = 0, d = 0, e = 1, f = 0, g = 0, h = 0] = solve(
    new Matrix(rows),
    new Matrix(places),
  ).to1DArray();
  return (x, y) => {
    const over = g * x + h * y + 1;
    return { x: (a * x + b * y + c) / over, y: (d * x + e * y + f) / over };
  };
}
