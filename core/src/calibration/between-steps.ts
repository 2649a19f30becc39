import { quantile } from '../numeric/quantile.ts';
import { lastFall } from '../numeric/steps-line.ts';
import { DEEPEST_SHARE, FIRST_TONE, PAPER_SPEED_DENSITY } from '../paper/range.ts';
import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';

/** A densitometer's reading of paper is good to this: standard deviation. */
export const PAPER_READING = 0.01;
/** What differs by no more than this many standard deviations cannot be told apart. */
const TOLD_APART = 2.5;

/** A printed tablet's white and black, by themselves where they were measured so. */
export interface PaperEnds {
  readonly dMin?: number | undefined;
  readonly dMax?: number | undefined;
}

/** R and speed point as two neighbouring steps give them. */
export interface BetweenSteps {
  readonly dMin: number;
  readonly dMax: number;
  readonly range: number;
  /** log10 exposure, against step 1, of the speed point at 0.60 above white. */
  readonly speedLog: number;
}

/** White and black by the median of all steps that cannot be told from the lightest, and from the darkest. */
export const endsOf = (densities: readonly number[], readingWithin: number = PAPER_READING) => {
  const near = (end: number) =>
    quantile(
      densities.filter((density) => Math.abs(density - end) <= TOLD_APART * readingWithin),
      1 / 2,
    );
  return { dMin: near(Math.min(...densities)), dMax: near(Math.max(...densities)) };
};

/**
 * R and the speed point of a printed tablet from the two steps beside each, one reading as good as another.
 * @param steps log10 exposure of each step against step 1, from `tabletSteps`
 * @param densities reflection densities, paper white counted
 * @param ends white and black where they were measured by themselves
 * @returns R, the speed point, white and black; it says nothing of how well they are known
 * @throws Refusal `printed-tablet` where the steps never fall through first tone, 0.60 or deepest tone
 * @source ISO 6846: Dmin + 0.04 to Dmin + 0.9 net; between two steps ln((D − Dmin)/(Dmax − D)) is straight in log H
 * @example
 * rangeBetweenSteps([0, -0.3, -0.6, -0.9, -1.2, -1.5, -1.8, -2.1, -2.4], [2.15, 2.15, 2.02, 1.37, 0.83, 0.43, 0.12, 0.06, 0.06]).range // ≈ 122.9
 */
export function rangeBetweenSteps(
  steps: readonly number[],
  densities: readonly number[],
  ends: PaperEnds = {},
): BetweenSteps {
  sound([steps, densities]);
  const own = endsOf(densities);
  const { dMin = own.dMin, dMax = own.dMax } = ends;
  const logit = (density: number) => Math.log((density - dMin) / (dMax - density));
  const logAt = (level: number) => {
    const fall = lastFall(densities, level);
    if (!fall) throw new Refusal('printed-tablet', '/densities', LEVELS_OFF);
    const [upper, lower] = [densities[fall.index]!, densities[fall.index + 1]!];
    const [from, to] = [steps[fall.index]!, steps[fall.index + 1]!];
    const straight = upper >= dMax || lower <= dMin;
    const share = straight
      ? fall.share
      : (logit(upper) - logit(level)) / (logit(upper) - logit(lower));
    return from + share * (to - from);
  };
  const deepest = logAt(dMin + DEEPEST_SHARE * (dMax - dMin));
  return sound({
    ...{ dMin, dMax },
    range: 100 * (deepest - logAt(dMin + FIRST_TONE)),
    speedLog: logAt(dMin + PAPER_SPEED_DENSITY),
  });
}

/** What is asked of a print that shows no end. */
export const LEVELS_OFF =
  'The print does not level off at both ends: its first two steps are to be black and its last two white, or give the paper’s white and black by themselves.';
