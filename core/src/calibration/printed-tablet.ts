import { quantile } from '../numeric/quantile.ts';
import { NINETY_FIVE } from '../numeric/gaussian.ts';
import { spreadOf } from '../numeric/spread-of.ts';
import { lastFall } from '../numeric/steps-line.ts';
import { DEEPEST_SHARE, FIRST_TONE, PAPER_SPEED_DENSITY } from '../paper/range.ts';
import { sound } from '../quantity/sound.ts';
import { STOP_IN_LOG } from '../quantity/stops.ts';
import { Refusal } from '../refusal.ts';

/** A densitometer's reading of paper is good to this: standard deviation. */
export const PAPER_READING = 0.01;
/** What differs by no more than this many standard deviations cannot be told apart. */
const TOLD_APART = 2.5;
/** So much net density at least is a black, and so little at most is a white. */
const LEAST_NET = 0.9;
const RISES = 7;

/** A step tablet printed at one setting. */
export interface PrintedTablet {
  /** log10 exposure of each step against step 1, from `tabletSteps`. */
  readonly steps: readonly number[];
  /** Reflection densities of the same steps, paper white counted. */
  readonly densities: readonly number[];
  /** Paper white and full black where they were measured by themselves; else the lightest and darkest steps stand for them. */
  readonly dMin?: number | undefined;
  readonly dMax?: number | undefined;
  /** How far a reading may be out: standard deviation, 0.01 unless said. */
  readonly readingWithin?: number;
}

/** What one setting of a paper was found to be. */
export interface MeasuredTablet {
  readonly dMin: number;
  readonly dMax: number;
  /** R as measured, and as the standard rounds it, to tens. */
  readonly range: number;
  readonly isoRange: number;
  /** log10 exposure, against step 1, of the speed point at 0.60 above white. */
  readonly speedLog: number;
  /** 95 times in 100 they are within these. */
  readonly within: { readonly range: number; readonly speedStops: number };
}

const median = (values: readonly number[]) => quantile(values, 1 / 2);

const likeEnd = (densities: readonly number[], end: number, readingWithin: number) =>
  densities.filter((density) => Math.abs(density - end) <= TOLD_APART * readingWithin);

/** White and black by the median of all steps that cannot be told from the lightest, and from the darkest. */
export const endsOf = (densities: readonly number[], readingWithin: number = PAPER_READING) => {
  const near = (end: number) => median(likeEnd(densities, end, readingWithin));
  return { dMin: near(Math.min(...densities)), dMax: near(Math.max(...densities)) };
};

const ends = ({ densities, dMin, dMax, readingWithin }: PrintedTablet) => {
  const own = endsOf(densities, readingWithin);
  return { dMin: dMin ?? own.dMin, dMax: dMax ?? own.dMax };
};

/** Between two steps the logit of the density is straight in log exposure; the density itself is not. */
const logAt = (
  steps: readonly number[],
  densities: readonly number[],
  { dMin, dMax }: { dMin: number; dMax: number },
  level: number,
): number | undefined => {
  const fall = lastFall(densities, level);
  if (!fall) return undefined;
  const [upper, lower] = [densities[fall.index]!, densities[fall.index + 1]!];
  const [from, to] = [steps[fall.index]!, steps[fall.index + 1]!];
  const logit = (density: number) => Math.log((density - dMin) / (dMax - density));
  const straight = upper >= dMax || lower <= dMin;
  const share = straight
    ? fall.share
    : (logit(upper) - logit(level)) / (logit(upper) - logit(lower));
  return from + share * (to - from);
};

const found = (tablet: PrintedTablet, densities: readonly number[]) => {
  const both = ends({ ...tablet, densities });
  const net = both.dMax - both.dMin;
  const at = (above: number) => logAt(tablet.steps, densities, both, both.dMin + above);
  const [first, speed, deepest] = [
    at(FIRST_TONE),
    at(PAPER_SPEED_DENSITY),
    at(DEEPEST_SHARE * net),
  ];
  if (first === undefined || speed === undefined || deepest === undefined) return undefined;
  return { ...both, speedLog: speed, range: 100 * (deepest - first) };
};

/**
 * Range and speed of a paper at one setting, from a printed step tablet.
 * @param tablet log10 exposure and reflection density of each step
 * @returns R, the speed point, white and black, each with how well it is known
 * @throws Refusal `printed-tablet` where densities are missing or rise, or the tablet shows no white or no black
 * @source ISO 6846: Dmin + 0.04 to Dmin + 0.9 net; between steps ln((D − Dmin)/(Dmax − D)) is straight in log H
 * @example
 * printedTablet({ steps: [0, -0.3, -0.6, -0.9, -1.2, -1.5, -1.8, -2.1, -2.4], densities: [2.15, 2.15, 2.02, 1.37, 0.83, 0.43, 0.12, 0.06, 0.06] }).range // ≈ 122.9
 */
export function printedTablet(tablet: PrintedTablet): MeasuredTablet {
  sound(tablet);
  const { steps, densities, readingWithin = PAPER_READING } = tablet;
  const refuse = (sentence: string, at = ''): never => {
    throw new Refusal('printed-tablet', `/densities${at}`, sentence);
  };
  if (steps.length < 3 || densities.length !== steps.length) {
    refuse(`Give a density for each of the ${steps.length} steps.`);
  }
  const rise = densities.findIndex(
    (density, index) => index > 0 && density > densities[index - 1]! + RISES * readingWithin,
  );
  if (rise > 0) {
    refuse(
      `Step ${rise + 1} reads ${densities[rise]!.toFixed(2)}, darker than step ${rise} with ${densities[rise - 1]!.toFixed(2)}. Step 1 is the darkest on paper.`,
      `/${rise}`,
    );
  }
  const { dMin, dMax } = ends(tablet);
  if (!(dMax - dMin >= LEAST_NET)) {
    refuse(
      `From ${dMin.toFixed(2)} to ${dMax.toFixed(2)} is no white and no black: print it longer, or check the developer.`,
    );
  }
  const levelsOff = (end: number) => likeEnd(densities, end, readingWithin).length > 1;
  const hasWhite = tablet.dMin !== undefined || levelsOff(Math.min(...densities));
  const hasBlack = tablet.dMax !== undefined || levelsOff(Math.max(...densities));
  const answer = hasWhite && hasBlack ? found(tablet, densities) : undefined;
  if (!answer) {
    refuse(
      'The print does not level off at both ends: its first two steps are to be black and its last two white, or give the paper’s white and black by themselves.',
    );
  }
  const within = (of: (one: NonNullable<ReturnType<typeof found>>) => number) =>
    NINETY_FIVE *
    spreadOf(densities, readingWithin, (values) => of(found(tablet, values) ?? answer!));
  const { range, speedLog } = answer!;
  return sound({
    dMin,
    dMax,
    range,
    isoRange: Math.round(range / 10) * 10,
    speedLog,
    within: {
      range: within((one) => one.range),
      speedStops: within((one) => one.speedLog) / STOP_IN_LOG,
    },
  });
}

/**
 * How much faster one setting is than another, from a tablet printed at both for the same time.
 * @param speedLog log10 exposure of the one’s speed point
 * @param against and of the other’s
 * @returns stops; negative: slower, it needs more
 * @source (log H of the other − log H of the one)/log10 2
 * @example
 * relativeSpeed(-1, -1.2556) // ≈ -0.849
 */
export function relativeSpeed(speedLog: number, against: number): number {
  return sound((against - speedLog) / STOP_IN_LOG);
}

/** R by counting steps. */
export interface CountedRange {
  readonly range: number;
  /** Standard deviation, R. */
  readonly deviation: number;
}

/**
 * R by counting the steps from first tone to full black.
 * @param steps counted, 2 to 21
 * @param stepLog log10 from step to step
 * @returns R, and how coarse that is
 * @throws Refusal `printed-tablet` for a count that no tablet gives
 * @source R = 15·steps; each end is rounded to a whole step: 15·√2/√12
 * @example
 * countedRange(8).deviation // ≈ 6.124
 */
export function countedRange(steps: number, stepLog = 0.15): CountedRange {
  if (!(steps >= 2 && steps <= 21 && stepLog > 0 && stepLog <= 0.6)) {
    throw new Refusal('printed-tablet', '/steps', 'Count from 2 to 21 steps of up to 0.60 each.');
  }
  const each = 100 * stepLog;
  return sound({ range: each * steps, deviation: (each * Math.SQRT2) / Math.sqrt(12) });
}
