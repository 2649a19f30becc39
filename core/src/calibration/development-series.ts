import { fitLine, type FittedLine } from '../numeric/fit-line.ts';
import { sound } from '../quantity/sound.ts';
import { STOP_IN_LOG } from '../quantity/stops.ts';
import { Refusal } from '../refusal.ts';

/** The negative's density range that zones I to VIII are to have for a normal paper. */
export const NORMAL_NEGATIVE_RANGE = 1.2;
/** Two laws that part by more than this do not both hold. */
export const LAWS_APART = 0.05;
/** N is asked for so far either way. */
const MOST_N = 5;
/** A gradient of a step tablet is good to this, where it is not said: 95 %. */
const USUAL_WITHIN = 0.02;

/** A development that was tested. */
export interface TestedDevelopment {
  readonly seconds: number;
  /** Average gradient, zone I to VIII. */
  readonly gradient: number;
  /** 95 times in 100 it is within this. */
  readonly within?: number;
}

/** The law of a gradient that nears its highest. */
export interface NearingLaw {
  /** G∞: what endless development would reach. */
  readonly mostGradient: number;
  /** k, per second. */
  readonly perSecond: number;
  /** t0: nothing grows before, s; below zero where the first second already does. */
  readonly startsAt: number;
}

/** A time for one contrast. */
export interface TimeForContrast {
  /** N: zones that the subject is longer (−) or shorter (+) than normal. */
  readonly n: number;
  readonly gradient: number;
  /** By the straight line of G over ln t, s. */
  readonly seconds: number;
  /** 95 times in 100 it is within this share, to either side. */
  readonly withinShare: number;
  /** By the law that nears a highest gradient, s; missing where that is not reached, or is not known. */
  readonly nearingSeconds?: number;
  /** The two laws part by more than 5 %. */
  readonly lawsPart: boolean;
  /** It lies outside the times that were tested. */
  readonly outside: boolean;
}

/** What several developments say together. */
export interface DevelopmentSeries {
  /** G = a + b·ln t, t in s. */
  readonly a: number;
  readonly b: number;
  readonly nearing?: NearingLaw;
  readonly times: readonly TimeForContrast[];
  /** What each development's gradient is off the line. */
  readonly residuals: readonly number[];
}

const checked = (tests: readonly TestedDevelopment[]) => {
  const sorted = tests.toSorted((a, b) => a.seconds - b.seconds);
  const refuse = (sentence: string): never => {
    throw new Refusal('development-series', '/developments', sentence);
  };
  if (sorted.length < 2) refuse('Two developments at least give times for other contrasts.');
  for (const [index, { seconds, gradient, within = USUAL_WITHIN }] of sorted.entries()) {
    const before = sorted[index - 1];
    if (!(seconds > 0 && gradient > 0)) refuse('A time and a gradient are more than zero.');
    if (before && !(seconds > before.seconds * 1.01)) {
      refuse('Two of the developments took as long as each other.');
    }
    // Two that cannot be told apart are no mix-up: their readings leave that open.
    const apart = Math.hypot(within, before?.within ?? USUAL_WITHIN);
    const open = sorted.length > 2 ? apart : 0;
    if (before && !(gradient > before.gradient - open)) {
      refuse(
        `The longer development, ${Math.round(seconds)} s, came out no harder: ${gradient.toFixed(3)} after ${before.gradient.toFixed(3)}. Were two sheets mixed up?`,
      );
    }
  }
  return sorted;
};

/** Fits ever so little better no more: the law is told from a straight line by its bend. */
const LEAST_SPAN = 1e-3;
const MOST_SPAN = 60;
const TURNS = 90;
const GOLDEN = (Math.sqrt(5) - 1) / 2;

const squaresOf = ({ residuals }: FittedLine) =>
  residuals.reduce((sum, residual) => sum + residual ** 2, 0);

/** For a given k the law is a straight line of e^(−kt): the best k is looked for alone (separable least squares). */
const nearingLaw = (tests: readonly TestedDevelopment[]): NearingLaw | undefined => {
  if (tests.length < 3) return undefined;
  const [first, last] = [tests[0]!, tests.at(-1)!];
  const span = last.seconds - first.seconds;
  // Counted from the first time, so that nothing overflows.
  const lineOf = (logSpan: number): FittedLine => {
    const k = Math.exp(logSpan) / span;
    return fitLine(
      tests.map(({ seconds, gradient }) => ({
        x: Math.exp(-k * (seconds - first.seconds)),
        y: gradient,
      })),
    );
  };
  const [least, most] = [Math.log(LEAST_SPAN), Math.log(MOST_SPAN)];
  let [low, high] = [least, most];
  for (let turn = 0; turn < TURNS; turn += 1) {
    const left = high - GOLDEN * (high - low);
    const right = low + GOLDEN * (high - low);
    if (squaresOf(lineOf(left)) < squaresOf(lineOf(right))) high = right;
    else low = left;
  }
  const logSpan = (low + high) / 2;
  const { intercept, slope } = lineOf(logSpan);
  const atAnEnd = logSpan - least < 0.1 || most - logSpan < 0.1;
  if (atAnEnd || !(slope < 0 && intercept > last.gradient)) return undefined;
  const perSecond = Math.exp(logSpan) / span;
  return {
    mostGradient: intercept,
    perSecond,
    startsAt: first.seconds - Math.log(intercept / -slope) / perSecond,
  };
};

/** The two laws are not the only ones: as a share of the time. */
const LEAST_BEND = 0.015;
/** A straight line over ln t is not quite what films follow: where no bend can be told, it may be out by so much, as a share of the time. */
const UNTOLD_BEND = 0.03;

/** How far the bend of the other law moves a time, as a share of it. */
const bentBy = (nearingSeconds: number | undefined, seconds: number): number =>
  nearingSeconds !== undefined && nearingSeconds > 0
    ? Math.max(LEAST_BEND, Math.abs(Math.log(nearingSeconds / seconds)))
    : UNTOLD_BEND;

/**
 * The gradient that a contrast asks for.
 * @param n zones: −2 for a subject two zones longer than normal
 * @param negativeRange density range of the negative for zones I to VIII
 * @returns average gradient
 * @throws Refusal `contrast` for more than 5 zones either way, or no range
 * @source G = ΔD/((7 − n)·log10 2)
 * @example
 * gradientForContrast(0) // ≈ 0.5695
 */
export function gradientForContrast(
  n: number,
  negativeRange: number = NORMAL_NEGATIVE_RANGE,
): number {
  if (!(Math.abs(n) <= MOST_N && negativeRange > 0 && negativeRange < 4)) {
    throw new Refusal('contrast', '/n', `N is from −${MOST_N} to +${MOST_N}.`);
  }
  return sound(negativeRange / ((7 - n) * STOP_IN_LOG));
}

/**
 * Development times for N−2 to N+2 from several developments of one film.
 * @param tests seconds and average gradient of each, two at least; for the second law three
 * @param contrasts the N asked for
 * @param negativeRange density range of the negative for zones I to VIII, 1.20 unless the user moved it
 * @returns both laws and a time for each contrast, with its certainty and whether the laws part
 * @throws Refusal `development-series` for fewer than two, two of one length, or a longer one that came out softer
 * @source G = a + b·ln t by least squares; G∞(1 − e^(−k(t − t0))) by separable least squares
 * @example
 * developmentSeries([{ seconds: 330, gradient: 0.4864 }, { seconds: 480, gradient: 0.6018 }, { seconds: 690, gradient: 0.7207 }], [0]).times[0].seconds // ≈ 430
 */
export function developmentSeries(
  tests: readonly TestedDevelopment[],
  contrasts: readonly number[] = [-2, -1, 0, 1, 2],
  negativeRange: number = NORMAL_NEGATIVE_RANGE,
): DevelopmentSeries {
  sound(tests);
  const sorted = checked(tests);
  const squares = sorted.reduce((sum, { within = USUAL_WITHIN }) => sum + within ** 2, 0);
  const within = Math.sqrt(squares / sorted.length);
  const line = fitLine(
    sorted.map(({ seconds, gradient }) => ({ x: Math.log(seconds), y: gradient })),
  );
  if (!(line.slope > 0)) {
    throw new Refusal(
      'development-series',
      '/developments',
      'The longer developments came out no harder than the shorter ones: were the sheets mixed up?',
    );
  }
  const nearing = nearingLaw(sorted);
  const times = contrasts.map((n): TimeForContrast => {
    const gradient = gradientForContrast(n, negativeRange);
    const logSeconds = (gradient - line.intercept) / line.slope;
    const seconds = Math.exp(logSeconds);
    const reached = nearing && gradient < nearing.mostGradient;
    const nearingSeconds = reached
      ? nearing.startsAt - Math.log(1 - gradient / nearing.mostGradient) / nearing.perSecond
      : undefined;
    return {
      n,
      gradient,
      seconds,
      withinShare: Math.hypot(
        (within * Math.sqrt(line.varianceShareAt(logSeconds))) / line.slope,
        bentBy(nearingSeconds, seconds),
      ),
      ...(nearingSeconds !== undefined && nearingSeconds > 0 && { nearingSeconds }),
      lawsPart:
        nearing !== undefined &&
        !(nearingSeconds! > 0 && Math.abs(Math.log(nearingSeconds! / seconds)) <= LAWS_APART),
      outside: seconds < sorted[0]!.seconds || seconds > sorted.at(-1)!.seconds,
    };
  });
  return sound({
    a: line.intercept,
    b: line.slope,
    ...(nearing && { nearing }),
    times,
    residuals: line.residuals,
  });
}
