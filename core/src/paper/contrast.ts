import { sound, soundTime } from '../quantity/sound.ts';
import { findRoot } from '../numeric/find-root.ts';
import { STOP_IN_LOG } from '../quantity/stops.ts';
import { Refusal } from '../refusal.ts';
import { curveFor, densityAt, logOfTone, type PaperCurve } from './curve.ts';
import type { Paper } from './paper.ts';
import {
  LEAST_LOGIT,
  MOST_LOGIT,
  curveForRange,
  isoRange,
  logFromSpeedPoint,
  shareFromLogit,
} from './range.ts';

/** Two picks on one strip. */
export interface ContrastQuestion {
  /** R at which the strip was made. */
  readonly range: number;
  /** Time at which the highlight is right, s. */
  readonly highlightSeconds: number;
  /** Time at which the shadow is right, s. */
  readonly shadowSeconds: number;
  /** Where the highlight is meant to be, density above Dmin. */
  readonly highlightDensity: number;
  /** Where the shadow is meant to be, density above Dmin. */
  readonly shadowDensity: number;
}

/** The contrast at which one exposure makes both right. */
export interface ContrastAnswer {
  /** R′ solved on the paper's curves. */
  readonly range: number;
  /** Time that keeps the highlight there, at equal ISO speed, s. */
  readonly seconds: number;
  /** The bare formula's R′: the first estimate. */
  readonly formulaRange: number;
  /** No mix of light reaches the contrast wanted; the answer is the end of what this paper can do. */
  readonly beyond: 'too-hard' | 'too-soft' | null;
}

/**
 * The bare first estimate of the contrast to go to: exact for picks at the ends of the ISO range.
 * @param range R of the strip
 * @param highlightSeconds s
 * @param shadowSeconds s
 * @returns R′
 * @source R′ = R − 100·log10(ts/th)
 * @example
 * formulaRange(110, 10, 14.1) // ≈ 95.08
 */
export function formulaRange(
  range: number,
  highlightSeconds: number,
  shadowSeconds: number,
): number {
  return sound(range - 100 * Math.log10(shadowSeconds / highlightSeconds));
}

/**
 * The log exposure between two tones on a curve, as a range.
 * @param curve from `curveFor`
 * @param lightDensity lighter tone, density above Dmin
 * @param darkDensity darker tone, density above Dmin
 * @returns 100 × log10 exposure
 * @throws Refusal `density` when the paper cannot show one of them
 * @source the curve itself
 * @example
 * toneRange(curveFor(defaultPaper, 0.105), 0.1, 1.72) // ≈ 93.8
 */
export function toneRange(curve: PaperCurve, lightDensity: number, darkDensity: number): number {
  return 100 * (logOfTone(curve, darkDensity) - logOfTone(curve, lightDensity));
}

/**
 * Solves the contrast from two picks: the range at which one exposure makes both places right, and the time that keeps the highlight.
 * @param paper layers
 * @param question R of the strip, both picks in s, both target tones as density above Dmin
 * @returns R′, the new time in s, the bare formula's R′
 * @throws Refusal `tones` when the paper cannot show a target, or the shadow's is not darker than the highlight's
 * @source r(R′) = r(R) − 100·log10(ts/th) on the layer model; t′ = th·10^(logH′(Dh) − logH(Dh)) from equal speed points
 * @example
 * solveContrast(defaultPaper, { range: 110, highlightSeconds: 10, shadowSeconds: 14.1, highlightDensity: 0.1, shadowDensity: 1.72 }).range // ≈ 94.4
 */
export function solveContrast(paper: Paper, question: ContrastQuestion): ContrastAnswer {
  const { range, highlightSeconds, shadowSeconds, highlightDensity, shadowDensity } = question;
  checkTones(paper, highlightDensity, shadowDensity);
  const made = curveForRange(paper, range);
  const wanted =
    toneRange(made, highlightDensity, shadowDensity) -
    100 * Math.log10(shadowSeconds / highlightSeconds);
  const missing = (logit: number) =>
    toneRange(curveFor(paper, shareFromLogit(logit)), highlightDensity, shadowDensity) - wanted;
  const beyond =
    missing(MOST_LOGIT) > 0 ? 'too-hard' : missing(LEAST_LOGIT) < 0 ? 'too-soft' : null;
  const answer = curveFor(paper, shareFromLogit(findRoot(missing, LEAST_LOGIT, MOST_LOGIT, 1e-9)));
  return {
    range: isoRange(answer),
    seconds:
      highlightSeconds *
      10 **
        (logFromSpeedPoint(answer, highlightDensity) - logFromSpeedPoint(made, highlightDensity)),
    formulaRange: formulaRange(range, highlightSeconds, shadowSeconds),
    beyond,
  };
}

/**
 * The time that keeps a highlight when the contrast changes.
 * @param paper layers
 * @param from R and speed (stops) of the setting the time is for
 * @param to R and speed of the setting to go to
 * @param seconds time at the first setting, s
 * @param netDensity the highlight's tone, density above Dmin
 * @returns seconds at the second setting
 * @source curves meet at their speed points; speed differences in stops
 * @example
 * keepTone(defaultPaper, { range: 110, speedStops: 0 }, { range: 70, speedStops: -1 }, 10, 0.1) // ≈ 27.6
 */
export function keepTone(
  paper: Paper,
  from: { readonly range: number; readonly speedStops: number },
  to: { readonly range: number; readonly speedStops: number },
  seconds: number,
  netDensity: number,
): number {
  const at = (range: number) => logFromSpeedPoint(curveForRange(paper, range), netDensity);
  const speedLog = STOP_IN_LOG * (from.speedStops - to.speedStops);
  return soundTime(seconds * 10 ** (at(to.range) - at(from.range) + speedLog));
}

/**
 * The tone a place takes at other exposures, once it is known which one gives it a tone.
 * @param paper layers
 * @param range R of the setting
 * @param known a time in s and the density above Dmin it gives
 * @param seconds the times asked about, s
 * @returns density above Dmin for each
 * @source the layer model's curve
 * @example
 * tonesAt(defaultPaper, 110, { seconds: 10, netDensity: 0.1 }, [10])[0] // ≈ 0.1
 */
export function tonesAt(
  paper: Paper,
  range: number,
  known: { readonly seconds: number; readonly netDensity: number },
  seconds: readonly number[],
): number[] {
  sound({ range, known, seconds });
  const curve = curveForRange(paper, range);
  const logH = logOfTone(curve, known.netDensity);
  return sound(
    seconds.map((time) => densityAt(curve, logH + Math.log10(time / known.seconds)) - curve.dMin),
  );
}

/**
 * The times that give a place other tones, once it is known which one gives it a tone: a tone card.
 * @param paper layers
 * @param range R of the setting
 * @param known a time in s and the density above Dmin it gives
 * @param netDensities the tones asked about, above Dmin
 * @returns s for each
 * @throws Refusal `density` when the paper cannot show a tone
 * @source the layer model's curve
 * @example
 * timesFor(defaultPaper, 110, { seconds: 10, netDensity: 0.1 }, [0.1])[0] // ≈ 10
 */
export function timesFor(
  paper: Paper,
  range: number,
  known: { readonly seconds: number; readonly netDensity: number },
  netDensities: readonly number[],
): number[] {
  sound({ range, known, netDensities });
  const curve = curveForRange(paper, range);
  const logH = (net: number) => logOfTone(curve, net);
  const at = logH(known.netDensity);
  return netDensities.map((net) => soundTime(known.seconds * 10 ** (logH(net) - at)));
}

function checkTones(paper: Paper, highlightDensity: number, shadowDensity: number): void {
  const deepest = paper.dMax - paper.dMin;
  if (!(highlightDensity > 0 && shadowDensity < deepest && highlightDensity < shadowDensity)) {
    throw new Refusal(
      'tones',
      '/shadowDensity',
      `The shadow’s tone must be darker than the highlight’s, and lighter than this paper’s black (${deepest.toFixed(2)} above white).`,
    );
  }
}
