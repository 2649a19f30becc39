import { NINETY_FIVE } from '../numeric/gaussian.ts';
import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';
import { RECIPROCITY_FROM, powerLaw, type NeededTime } from './reciprocity.ts';

/** Two frames are matched by eye, a third of a stop apart: standard deviation, stops. */
export const FRAME_MATCH_STOPS = 1 / 6;

/** A film's power, from test exposures. */
export interface FoundPower {
  readonly power: number;
  /** 95 times in 100 it is within this. */
  readonly within: number;
  /** What each test is off it, stops; positive: it needed more than the law says. */
  readonly residualStops: readonly number[];
}

/**
 * A film's power from test exposures: a short one as metered, and long ones bracketed until one is as dense.
 * @param tests metered and needed seconds, all beyond a second
 * @param matchStops how well a match is judged: standard deviation, a sixth of a stop unless said
 * @returns the power with its uncertainty, and what each test is off
 * @throws Refusal `reciprocity` for no tests, one at a second or less, or a power below 1 or above 2
 * @source least squares of ln t′ = p·ln t
 * @example
 * reciprocityFromTests([{ meteredSeconds: 8, neededSeconds: 16 }, { meteredSeconds: 64, neededSeconds: 256 }]).power // ≈ 1.333
 */
export function reciprocityFromTests(
  tests: readonly NeededTime[],
  matchStops: number = FRAME_MATCH_STOPS,
): FoundPower {
  sound(tests);
  const short = tests.some(
    ({ meteredSeconds, neededSeconds }) =>
      !(meteredSeconds > RECIPROCITY_FROM && neededSeconds > 0),
  );
  if (tests.length === 0 || short) {
    throw new Refusal(
      'reciprocity',
      '/tests',
      'Give one test at least, with a metered time of more than a second.',
    );
  }
  const logs = tests.map((test) => ({
    x: Math.log2(test.meteredSeconds),
    y: Math.log2(test.neededSeconds),
  }));
  const squares = logs.reduce((sum, { x }) => sum + x * x, 0);
  const power = logs.reduce((sum, { x, y }) => sum + x * y, 0) / squares;
  powerLaw(power);
  return sound({
    power,
    within: (NINETY_FIVE * matchStops) / Math.sqrt(squares),
    residualStops: logs.map(({ x, y }) => y - power * x),
  });
}
