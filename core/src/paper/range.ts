import { sound } from '../quantity/sound.ts';
import { findRoot } from '../numeric/find-root.ts';
import { curveFor, logExposureAt, logOfTone, type PaperCurve } from './curve.ts';
import type { Paper } from './paper.ts';

/** ISO 6846: the range runs from this above Dmin … */
export const FIRST_TONE = 0.04;
/** … to this share of the net maximum density. */
export const DEEPEST_SHARE = 0.9;
/** ISO 6846: speed is measured at this above Dmin. */
export const PAPER_SPEED_DENSITY = 0.6;

/**
 * The ISO range of a curve.
 * @param curve from `curveFor`
 * @returns R, 100 × log10 exposure range
 * @source ISO 6846: Dmin + 0.04 to Dmin + 0.9 (Dmax − Dmin)
 * @example
 * isoRange(curveFor(defaultPaper, 1)) // ≈ 49.3
 */
export function isoRange(curve: PaperCurve): number {
  const deepest = curve.dMin + DEEPEST_SHARE * (curve.dMax - curve.dMin);
  return 100 * (logExposureAt(curve, deepest) - logExposureAt(curve, curve.dMin + FIRST_TONE));
}

/**
 * The log exposure of a tone, counted from the curve's speed point.
 * Two settings of equal ISO speed meet at that point, so times at two contrasts compare through it.
 * @param curve from `curveFor`
 * @param netDensity density above Dmin
 * @returns log10 exposure, 0 at Dmin + 0.60
 * @throws Refusal `density` when the paper cannot show that density
 * @source ISO 6846 speed point
 * @example
 * logFromSpeedPoint(curveFor(defaultPaper, 0.3), 0.6) // ≈ 0
 */
export function logFromSpeedPoint(curve: PaperCurve, netDensity: number): number {
  return logOfTone(curve, netDensity) - logExposureAt(curve, curve.dMin + PAPER_SPEED_DENSITY);
}

/** The least and the most range the layers can be mixed to. */
export interface RangeLimits {
  /** Blue only: hardest. */
  readonly hardest: number;
  /** Green only: softest. */
  readonly softest: number;
}

/**
 * What a paper can be mixed to.
 * @param paper layers
 * @returns R for blue only and for green only
 * @source the layer model at its ends
 * @example
 * rangeLimits(defaultPaper).softest // ≈ 175.6
 */
export function rangeLimits(paper: Paper): RangeLimits {
  return { hardest: isoRange(curveFor(paper, 1)), softest: isoRange(curveFor(paper, 0)) };
}

/**
 * A blue share from the scale it is searched on, which is nearly even in R.
 * @param logit natural log of share / (1 − share)
 * @returns share of blue, 0 to 1
 * @source logistic function
 * @example
 * shareFromLogit(0) // = 0.5
 */
export function shareFromLogit(logit: number): number {
  return sound(1 / (1 + Math.exp(-logit)));
}

/** Beyond these the share is 0 or 1 for all a paper can tell. */
export const LEAST_LOGIT = -14;
export const MOST_LOGIT = 14;

/**
 * The share of blue that gives a range.
 * @param paper layers
 * @param range R wanted
 * @returns share of blue in the total light, 0 to 1; the nearer end when the paper cannot be mixed to that range
 * @source the layer model, inverted
 * @example
 * blueShareFor(defaultPaper, 110) // ≈ 0.105
 */
export function blueShareFor(paper: Paper, range: number): number {
  return mixFor(paper, range).share;
}

interface Mix {
  readonly share: number;
  readonly curve: PaperCurve;
}

/** Settings come back again and again while a strip is read, so the mixes found for them are kept. */
const known = new WeakMap<Paper, Map<number, Mix>>();
const MOST_KNOWN = 200;

function mixFor(paper: Paper, range: number): Mix {
  const mixes = known.get(paper) ?? new Map<number, Mix>();
  known.set(paper, mixes);
  const found = mixes.get(range);
  if (found) return found;
  if (mixes.size >= MOST_KNOWN) mixes.clear();
  const missing = (logit: number) => isoRange(curveFor(paper, shareFromLogit(logit))) - range;
  const share = shareFromLogit(findRoot(missing, LEAST_LOGIT, MOST_LOGIT, 1e-9));
  const made = { share, curve: curveFor(paper, share) };
  mixes.set(range, made);
  return made;
}

/**
 * The curve of a paper at a range.
 * @param paper layers
 * @param range R wanted
 * @returns the curve at that range, or at the nearer end of what the paper can be mixed to
 * @source the layer model, inverted; remembered for each paper
 * @example
 * isoRange(curveForRange(defaultPaper, 110)) // ≈ 110.0
 */
export function curveForRange(paper: Paper, range: number): PaperCurve {
  return mixFor(paper, range).curve;
}
