import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';
import type { Paper } from './paper.ts';

/** A paper's curve for one mix of light: each layer's logistic, placed along log exposure. */
export interface PaperCurve {
  readonly dMin: number;
  readonly dMax: number;
  readonly slope: number;
  /** Log exposure added for each layer, log10. */
  readonly shifts: readonly number[];
}

/**
 * The curve of a paper under light of one colour mix.
 * @param paper layers, density range and slope
 * @param blueShare share of blue in the total light, 0 (green only) to 1 (blue only)
 * @returns the curve, ready for `densityAt` and `logExposureAt`
 * @source D = Dmin + (Dmax−Dmin)·Σ wᵢ·F(log10(Hb + Hg·10^−oᵢ)), F logistic
 * @example
 * curveFor(defaultPaper, 1).shifts.length // = 7
 */
export function curveFor(paper: Paper, blueShare: number): PaperCurve {
  return {
    dMin: paper.dMin,
    dMax: paper.dMax,
    slope: paper.slope,
    shifts: paper.layerOffsets.map((offset) =>
      Math.log10(blueShare + (1 - blueShare) * 10 ** -offset),
    ),
  };
}

/**
 * Density on a curve.
 * @param curve from `curveFor`
 * @param logH log10 exposure, blue and green together
 * @returns density (D = −log10 reflectance)
 * @source sum of logistic layers
 * @example
 * densityAt(curveFor(defaultPaper, 1), 0) // ≈ 1.105
 */
export function densityAt(curve: PaperCurve, logH: number): number {
  let sum = 0;
  const steepness = -curve.slope * Math.LN10;
  for (const shift of curve.shifts) sum += 1 / (1 + Math.exp(steepness * (logH + shift)));
  return sound(curve.dMin + ((curve.dMax - curve.dMin) * sum) / curve.shifts.length);
}

/** The blackest tone that people place, above white, and the share of its black that a weaker paper shows it as. */
const BLACKEST_TONE = 1.72;
const BLACKEST_SHARE = 0.95;
/** Up to here a weak black takes nothing from the tones. */
const UNTOUCHED_TONE = 0.6;

/**
 * A tone as a paper can show it: where its black is too weak for textured black, the dark tones lie closer together.
 * @param ends the paper's white and black
 * @param netDensity density above Dmin on a usual paper
 * @returns density above Dmin on this one
 * @source tones above 0.60 in proportion, so that net density 1.72 becomes 0.95 of the net black
 * @example
 * toneOn({ dMin: 0.05, dMax: 1.25 }, 1.72) // ≈ 1.14
 */
export function toneOn(
  { dMin, dMax }: Pick<PaperCurve, 'dMin' | 'dMax'>,
  netDensity: number,
): number {
  const blackest = BLACKEST_SHARE * (dMax - dMin);
  if (!(blackest < BLACKEST_TONE && netDensity > UNTOUCHED_TONE)) return sound(netDensity);
  const closer = (blackest - UNTOUCHED_TONE) / (BLACKEST_TONE - UNTOUCHED_TONE);
  return sound(UNTOUCHED_TONE + (netDensity - UNTOUCHED_TONE) * closer);
}

/**
 * The exposure that gives a tone, as this paper shows it.
 * @param curve from `curveFor`
 * @param netDensity density above Dmin on a usual paper
 * @returns log10 exposure
 * @throws Refusal `density` when the paper cannot show that tone
 * @source `toneOn`, then `logExposureAt`
 * @example
 * logOfTone(curveFor(defaultPaper, 1), 1.045) // ≈ 0
 */
export function logOfTone(curve: PaperCurve, netDensity: number): number {
  return logExposureAt(curve, curve.dMin + toneOn(curve, netDensity));
}

/**
 * The exposure that gives a density.
 * @param curve from `curveFor`
 * @param density between the curve's Dmin and Dmax
 * @returns log10 exposure
 * @throws Refusal `density` when the paper cannot show that density
 * @source Newton's method kept inside a bisection bracket
 * @example
 * logExposureAt(curveFor(defaultPaper, 1), 1.105) // ≈ 0
 */
export function logExposureAt(curve: PaperCurve, density: number): number {
  if (!(density > curve.dMin && density < curve.dMax)) {
    const [least, most, wanted] = [curve.dMin, curve.dMax, density].map((one) => one.toFixed(2));
    throw new Refusal(
      'density',
      '/density',
      `The paper shows densities between ${least} and ${most}, not ${wanted}.`,
    );
  }
  const target = ((density - curve.dMin) / (curve.dMax - curve.dMin)) * curve.shifts.length;
  const steepness = -curve.slope * Math.LN10;
  let low = -8;
  let high = 8;
  // Where one layer in the middle of all would have it: a few steps from the answer.
  const middle = curve.shifts.reduce((sum, shift) => sum + shift, 0) / curve.shifts.length;
  const share = target / curve.shifts.length;
  const guess = -Math.log(share / (1 - share)) / steepness - middle;
  let logH = guess > low && guess < high ? guess : 0;
  for (let turn = 0; turn < 100; turn += 1) {
    let value = -target;
    let derivative = 0;
    for (const shift of curve.shifts) {
      const layer = 1 / (1 + Math.exp(steepness * (logH + shift)));
      value += layer;
      derivative -= layer * (1 - layer) * steepness;
    }
    if (value > 0) high = logH;
    else low = logH;
    const newton = logH - value / derivative;
    const next = newton > low && newton < high ? newton : (low + high) / 2;
    if (Math.abs(next - logH) < 1e-12) return next;
    logH = next;
  }
  return logH;
}
