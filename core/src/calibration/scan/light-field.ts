import { Matrix, solve } from 'ml-matrix';
import type { GreyImage, Spot } from './grey-image.ts';

/** The light of a picture of a tablet: what lies around the strips is white, and shows how evenly it was lit. */
export interface LightField {
  /** Linear light of the white ground at a place of the coarse picture. */
  readonly at: (spot: Spot) => number;
  /** Pixels that are no ground, row by row. */
  readonly covered: Uint8Array;
}

const ROUNDS = 6;
/** What is darker than its ground by this share is no ground, in the first rounds and at last. */
const FIRST_DARKER = 0.3;
const LAST_DARKER = 0.035;

const terms = (x: number, y: number) => [1, x, y, x * x, x * y, y * y];

/** Lays a smooth field (a second-order polynomial) over the ground, and finds what covers it. */
export const lightField = ({ width, height, values }: GreyImage): LightField => {
  const place = (x: number, y: number) => terms((2 * x) / width - 1, (2 * y) / height - 1);
  const whitest = [...Array.from(values)].toSorted((a, b) => b - a)[
    Math.floor(values.length / 20)
  ]!;
  let weights = [whitest, 0, 0, 0, 0, 0];
  const field = (x: number, y: number) =>
    place(x, y).reduce((sum, term, index) => sum + term * weights[index]!, 0);
  const covered = new Uint8Array(width * height);
  for (let round = 0; round < ROUNDS; round += 1) {
    const darker = FIRST_DARKER + ((LAST_DARKER - FIRST_DARKER) * round) / (ROUNDS - 1);
    const sums = Matrix.zeros(6, 6);
    const right = Matrix.zeros(6, 1);
    for (let y = 0; y < height; y += 1) {
      for (let x = 0; x < width; x += 1) {
        const at = y * width + x;
        const value = values[at]!;
        covered[at] = value < field(x, y) * (1 - darker) ? 1 : 0;
        if (covered[at] === 1) continue;
        const here = place(x, y);
        for (let row = 0; row < 6; row += 1) {
          right.set(row, 0, right.get(row, 0) + here[row]! * value);
          for (let column = 0; column < 6; column += 1) {
            sums.set(row, column, sums.get(row, column) + here[row]! * here[column]!);
          }
        }
      }
    }
    for (let row = 0; row < 6; row += 1) sums.set(row, row, sums.get(row, row) + 1e-6);
    weights = solve(sums, right).to1DArray();
  }
  return { at: ({ x, y }) => field(x, y), covered };
};
