import type { Paper } from '../../paper/paper.ts';
import { ratioInStops } from '../../quantity/stops.ts';
import { soundTime } from '../../quantity/sound.ts';
import { Refusal } from '../../refusal.ts';
import { togetherTone, type ToneAlone } from './together.ts';

/** One negative of the grid: what it makes of the place, and the times that it gets. */
export interface GridSide {
  /** R and density above Dmin of the place, by this negative alone at `seconds`. */
  readonly range: number;
  readonly netDensity: number;
  readonly seconds: number;
  /** The times of its strips, s. */
  readonly times: readonly number[];
}

/** One cell of the grid. */
export interface GridCell {
  readonly aSeconds: number;
  readonly bSeconds: number;
  /** Density above Dmin that the place is expected to have. */
  readonly netDensity: number;
}

const MOST = 9;

/**
 * The grid that finds the times of two negatives on one sheet: strips of A, B across them, each negative changed once.
 * @param paper layers
 * @param a the first negative, with the times of its strips
 * @param b the second one, with the times across
 * @returns a row for each time of A, its cells in the order of B's times
 * @throws Refusal `grid` for no time or too many, `tone` as `togetherTone`
 * @source D(H_A·a + H_B·b)
 * @example
 * twoNegativeGrid(defaultPaper, { range: 110, netDensity: 0.4, seconds: 10, times: [10, 12.6] }, { range: 110, netDensity: 0.2, seconds: 8, times: [8] })[1][0].netDensity // ≈ 0.8267
 */
export function twoNegativeGrid(paper: Paper, a: GridSide, b: GridSide): GridCell[][] {
  for (const { times, seconds } of [a, b]) {
    if (times.length === 0 || times.length > MOST || !times.every((time) => time > 0)) {
      throw new Refusal('grid', '/times', `Give each negative from 1 to ${MOST} times.`);
    }
    if (!(soundTime(seconds) > 0)) {
      throw new Refusal('grid', '/seconds', 'Give the time at which the tone was seen.');
    }
  }
  const at = ({ range, netDensity, seconds }: GridSide, time: number): ToneAlone => ({
    ...{ range, netDensity },
    stops: ratioInStops(time / seconds),
  });
  return a.times.map((aSeconds) =>
    b.times.map((bSeconds) => ({
      ...{ aSeconds, bSeconds },
      netDensity: togetherTone(paper, [at(a, aSeconds), at(b, bSeconds)]),
    })),
  );
}
