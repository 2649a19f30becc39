import { logWhere } from '../numeric/steps-line.ts';
import { smoothSteps, type StepsLink } from '../numeric/smooth-steps.ts';
import { DEEPEST_SHARE, FIRST_TONE, PAPER_SPEED_DENSITY } from '../paper/range.ts';
import { sound } from '../quantity/sound.ts';
import { STOP_IN_LOG } from '../quantity/stops.ts';
import { Refusal } from '../refusal.ts';
import { LEVELS_OFF, PAPER_READING, endsOf, type PaperEnds } from './between-steps.ts';
import { bentTogether, offTogether } from './off-together.ts';
import { checkSteps, type StepsRead } from './steps-read.ts';

/** So much net density at least is a black, and so little at most is a white. */
const LEAST_NET = 0.9;
const MOST_NET = 4;
/** The logit's slope differs so much along a paper's curve, natural logarithm … */
const BEND = 0.4;
/** … and has forgotten where it was after so much of the logit. */
const REACH_LOGIT = 6;
/** A start no further from white or black than this share of the net density. */
const NEAR_END = 0.01;
/** Readings that scatter so much are of no tablet. */
const MOST_SCATTER = 0.12;

/** A step tablet printed at one setting. */
export interface PrintedTablet extends PaperEnds {
  /** log10 exposure of each step against step 1, from `tabletSteps`. */
  readonly steps: readonly number[];
  /** Reflection densities of the same steps, paper white counted. */
  readonly densities: readonly number[];
  /** How far white and black that were measured by themselves may be out; a reading's error unless said. */
  readonly endsWithin?: number;
  /** How far a reading may be out: standard deviation, 0.01 unless said; more where the readings show more. */
  readonly readingWithin?: number;
  /** Readings of one scan are off together, 95 times in 100 by no more than this; none unless said. */
  readonly togetherWithin?: number;
  /** Whether a reading counts for nothing that fits none of its neighbours; it does unless said. */
  readonly leaveOut?: boolean;
}

/** What one setting of a paper was found to be. */
export interface MeasuredTablet extends StepsRead {
  readonly dMin: number;
  readonly dMax: number;
  /** R as measured, and as the standard rounds it, to tens. */
  readonly range: number;
  readonly isoRange: number;
  /** log10 exposure, against step 1, of the speed point at 0.60 above white. */
  readonly speedLog: number;
  /** 95 times in 100 they are within these. */
  readonly within: {
    readonly range: number;
    readonly speedStops: number;
    readonly dMin: number;
    readonly dMax: number;
  };
}

const shareAt = (logit: number) => 1 / (1 + Math.exp(-logit));
const logitOf = (share: number) => Math.log(share / (1 - share));

/** Between white and black, the logit of the share falls from step to step. */
const paperLink: StepsLink = {
  value: (logit, [white = 0, black = 1]) => white + (black - white) * shareAt(logit),
  slopes: (logit, [white = 0, black = 1]) => {
    const share = shareAt(logit);
    return [(black - white) * share * (1 - share), 1 - share, share];
  },
};

/** A start that falls, whatever the readings do. */
const falling = (densities: readonly number[], white: number, black: number): number[] => {
  let last = Infinity;
  return densities.map((density) => {
    const share = (density - white) / (black - white);
    last = Math.min(last - 0.05, logitOf(Math.min(1 - NEAR_END, Math.max(NEAR_END, share))));
    return last;
  });
};

/**
 * Range and speed of a paper at one setting, read off a printed step tablet: each reading is checked by its neighbours, and one that
 * fits none of them is named.
 * @param tablet log10 exposure and reflection density of each step
 * @returns R, the speed point, white and black, each with how well it is known, and what each reading is off
 * @throws Refusal `printed-tablet` where densities are missing, run the other way, scatter without end, or show no white or no black
 * @source ISO 6846: Dmin + 0.04 to Dmin + 0.9 net, speed at 0.60; between steps ln((D − Dmin)/(Dmax − D)) is straight in log H
 * @example
 * printedTablet({ steps: [0, -0.3, -0.6, -0.9, -1.2, -1.5, -1.8, -2.1, -2.4], densities: [2.15, 2.15, 2.02, 1.37, 0.83, 0.43, 0.12, 0.06, 0.06] }).range // ≈ 124.2
 */
export function printedTablet(tablet: PrintedTablet): MeasuredTablet {
  sound(tablet);
  const { steps, densities, readingWithin = PAPER_READING, leaveOut = true } = tablet;
  const refuse = (sentence: string): never => {
    throw new Refusal('printed-tablet', '/densities', sentence);
  };
  checkSteps(steps, densities, 'printed-tablet', 'darkest on paper');
  const own = endsOf(densities, readingWithin);
  const { dMin = own.dMin, dMax = own.dMax, endsWithin = readingWithin } = tablet;
  if (!(dMax - dMin >= LEAST_NET && dMax - dMin < MOST_NET)) {
    refuse(
      `From ${dMin.toFixed(2)} to ${dMax.toFixed(2)} is no white and no black: print it longer, or check the developer.`,
    );
  }
  const start = falling(densities, dMin, dMax);
  const steepness = 4 / Math.max(0.1, logWhere(steps, start, 2) - logWhere(steps, start, -2));
  const read = smoothSteps({
    ...{ steps, densities, link: paperLink, readingWithin, leaveOut },
    start: { smooth: start, levels: [dMin, dMax] },
    readLevels: [
      ...(tablet.dMin === undefined ? [] : [{ level: 0, value: tablet.dMin, within: endsWithin }]),
      ...(tablet.dMax === undefined ? [] : [{ level: 1, value: tablet.dMax, within: endsWithin }]),
    ],
    bend: BEND,
    reach: REACH_LOGIT / steepness,
  });
  if (read.deviation > MOST_SCATTER) {
    refuse(
      `The readings scatter by ${read.deviation.toFixed(2)} about any curve that a paper could have: is each step in its place?`,
    );
  }
  const at = (smooth: readonly number[], share: number) => logWhere(steps, smooth, logitOf(share));
  const rangeOf = (smooth: readonly number[], [white = 0, black = 1]: readonly number[]) =>
    100 * (at(smooth, DEEPEST_SHARE) - at(smooth, FIRST_TONE / (black - white)));
  const speedOf = (smooth: readonly number[], [white = 0, black = 1]: readonly number[]) =>
    at(smooth, PAPER_SPEED_DENSITY / (black - white));
  const { smooth, levels } = read;
  const [white, black] = levels as readonly [number, number];
  const isBeyond =
    smooth[0]! < logitOf(DEEPEST_SHARE) ||
    smooth.at(-1)! > logitOf(FIRST_TONE / Math.max(LEAST_NET / 2, black - white));
  if (isBeyond) refuse(LEVELS_OFF);
  const within = (of: Parameters<typeof read.sides>[0]) =>
    Math.hypot(...read.sides(of)) / Math.SQRT2;
  const range = rangeOf(smooth, levels);
  const net = black - white;
  // As steep as the curve is at a share of black: a density that is off moves a point by so much exposure.
  const slopeAt = (share: number) =>
    (0.02 * share * net) / (at(smooth, 1.01 * share) - at(smooth, 0.99 * share));
  const together = (share: number, off: typeof offTogether) =>
    off(share * net, net, tablet.togetherWithin ?? 0) / slopeAt(share);
  return sound({
    ...{ dMin: white, dMax: black, range },
    isoRange: Math.round(range / 10) * 10,
    speedLog: speedOf(smooth, levels),
    within: {
      range: Math.hypot(
        within(rangeOf),
        100 * Math.SQRT2 * read.betweenLog,
        100 * together(FIRST_TONE / net, bentTogether),
        100 * together(DEEPEST_SHARE, bentTogether),
      ),
      speedStops:
        Math.hypot(
          within(speedOf),
          read.betweenLog,
          together(PAPER_SPEED_DENSITY / net, offTogether),
        ) / STOP_IN_LOG,
      dMin: within((_, [low = 0]) => low),
      dMax: within((_, [, high = 0]) => high),
    },
    residuals: read.residuals,
    odd: read.odd,
    deviation: read.deviation,
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
 * @param steps counted, 2 to 41
 * @param stepLog log10 from step to step
 * @returns R, and how coarse that is
 * @throws Refusal `printed-tablet` for a count that no tablet gives
 * @source R = 15·steps; each end is rounded to a whole step: 15·√2/√12
 * @example
 * countedRange(8).deviation // ≈ 6.124
 */
export function countedRange(steps: number, stepLog = 0.15): CountedRange {
  if (!(steps >= 2 && steps <= 41 && stepLog > 0 && stepLog <= 0.6)) {
    throw new Refusal('printed-tablet', '/steps', 'Count from 2 to 41 steps of up to 0.60 each.');
  }
  const each = 100 * stepLog;
  return sound({ range: each * steps, deviation: (each * Math.SQRT2) / Math.sqrt(12) });
}
