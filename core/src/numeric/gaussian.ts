/** A Gaussian belief about several numbers at once. */
export interface Gaussian {
  readonly mean: readonly number[];
  /** Symmetric, a row for each number. */
  readonly covariance: readonly (readonly number[])[];
}

/** A weighted sum of the numbers: the weights by their place; what is not named has none. */
export type Weights = ReadonlyMap<number, number>;

/** Mean and variance of one number. */
export interface Spread {
  readonly mean: number;
  readonly variance: number;
}

/**
 * The probability that a standard normal number is below a bound.
 * @param z the bound, in standard deviations
 * @returns 0 to 1
 * @source complementary error function by a Chebyshev fit, fractional error below 1.2e-7 everywhere
 * @example
 * normalBelow(1.96) // ≈ 0.975
 */
export function normalBelow(z: number): number {
  const x = Math.abs(z) / Math.SQRT2;
  const t = 1 / (1 + x / 2);
  const series = [
    -1.26551223, 1.00002368, 0.37409196, 0.09678418, -0.18628806, 0.27886807, -1.13520398,
    1.48851587, -0.82215223, 0.17087277,
  ];
  const polynomial = series.reduceRight((sum, coefficient) => sum * t + coefficient, 0);
  const tail = (t * Math.exp(-x * x + polynomial)) / 2;
  return z > 0 ? 1 - tail : tail;
}

const density = (z: number) =>
  Number.isFinite(z) ? Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI) : 0;

/** Less probable than this, an observation contradicts the belief so much that moments would be dust. */
const IMPOSSIBLE = 1e-9;

/**
 * Mean and variance of a normal number that is known to lie between two bounds.
 * @param spread mean and variance before
 * @param low lower bound, −Infinity for none
 * @param high upper bound, Infinity for none
 * @returns mean and variance after; the nearest bound with a little variance when it is all but impossible
 * @source truncated normal distribution
 * @example
 * truncated({ mean: 0, variance: 1 }, 0, Infinity).mean // ≈ 0.7979
 */
export function truncated({ mean, variance }: Spread, low: number, high: number): Spread {
  const sd = Math.sqrt(variance);
  const a = (low - mean) / sd;
  const b = (high - mean) / sd;
  const mass = normalBelow(b) - normalBelow(a);
  if (mass < IMPOSSIBLE) {
    const nearest = mean < low ? low : high;
    const width = Number.isFinite(high - low) ? (high - low) / 2 : sd / 4;
    return { mean: nearest, variance: Math.min(variance, width ** 2) };
  }
  const shift = (density(a) - density(b)) / mass;
  const edge = (z: number) => (Number.isFinite(z) ? z * density(z) : 0);
  const shrink = 1 + (edge(a) - edge(b)) / mass - shift ** 2;
  return { mean: mean + sd * shift, variance: Math.max(variance * shrink, 1e-12) };
}

/**
 * What a belief says of a weighted sum of its numbers.
 * @param belief mean and covariance
 * @param weights of the numbers
 * @returns mean and variance of the sum
 * @source linear transformation of a Gaussian
 * @example
 * spreadOf({ mean: [1, 2], covariance: [[4, 1], [1, 9]] }, new Map([[0, 1], [1, -1]])) // = {"mean":-1,"variance":11}
 */
export function spreadOf({ mean, covariance }: Gaussian, weights: Weights): Spread {
  let middle = 0;
  let variance = 0;
  for (const [i, wi] of weights) {
    middle += wi * mean[i]!;
    for (const [j, wj] of weights) variance += wi * wj * covariance[i]![j]!;
  }
  return { mean: middle, variance };
}

/**
 * A belief after a weighted sum of its numbers was seen to lie between two bounds by an eye that errs.
 * @param belief before
 * @param weights of the sum that was seen
 * @param low lower bound of what was seen, −Infinity for none
 * @param high upper bound, Infinity for none
 * @param eyeVariance of the error of seeing
 * @returns the belief after, its first two moments exact for that sum
 * @source assumed-density filtering: the moments of the truncated sum, carried to the others by their covariance
 * @example
 * observeWithin({ mean: [0], covariance: [[1]] }, new Map([[0, 1]]), 0.9, 1.1, 0.01).mean[0] // ≈ 0.987
 */
export function observeWithin(
  belief: Gaussian,
  weights: Weights,
  low: number,
  high: number,
  eyeVariance: number,
): Gaussian {
  const { mean, variance } = spreadOf(belief, weights);
  const seen: Spread = { mean, variance: variance + eyeVariance };
  const after = truncated(seen, low, high);
  // How each number goes with the sum that was seen.
  const gain = belief.mean.map((_, i) => {
    let together = 0;
    for (const [j, weight] of weights) together += weight * belief.covariance[i]![j]!;
    return together / seen.variance;
  });
  const moved = after.mean - seen.mean;
  const lost = seen.variance - after.variance;
  return {
    mean: belief.mean.map((value, i) => value + gain[i]! * moved),
    covariance: belief.covariance.map((row, i) =>
      row.map((value, j) => value - gain[i]! * gain[j]! * lost),
    ),
  };
}
