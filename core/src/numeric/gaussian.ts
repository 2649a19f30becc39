import { Refusal } from '../refusal.ts';
import { sound } from '../quantity/sound.ts';

/** 95 of 100 lie within so many standard deviations. */
export const NINETY_FIVE = 1.96;

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
  // Horner's rule written out: this is asked thousands of times for one advice.
  const polynomial =
    -1.26551223 +
    t *
      (1.00002368 +
        t *
          (0.37409196 +
            t *
              (0.09678418 +
                t *
                  (-0.18628806 +
                    t *
                      (0.27886807 +
                        t *
                          (-1.13520398 +
                            t * (1.48851587 + t * (-0.82215223 + t * 0.17087277))))))));
  const tail = (t * Math.exp(-x * x + polynomial)) / 2;
  return sound(z > 0 ? 1 - tail : tail);
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
 * @returns mean and variance after, and how probable it was; the nearest bound with a little variance when it all but was not
 * @source truncated normal distribution
 * @example
 * truncated({ mean: 0, variance: 1 }, 0, Infinity).mean // ≈ 0.7979
 */
export function truncated(
  { mean, variance }: Spread,
  low: number,
  high: number,
): Spread & { readonly mass: number } {
  const sd = Math.sqrt(variance);
  const a = (low - mean) / sd;
  const b = (high - mean) / sd;
  const mass = normalBelow(b) - normalBelow(a);
  if (mass < IMPOSSIBLE) {
    const nearest = mean < low ? low : high;
    const width = Number.isFinite(high - low) ? (high - low) / 2 : sd / 4;
    return sound({ mean: nearest, variance: Math.min(variance, width ** 2), mass: IMPOSSIBLE });
  }
  const shift = (density(a) - density(b)) / mass;
  const edge = (z: number) => (Number.isFinite(z) ? z * density(z) : 0);
  const shrink = 1 + (edge(a) - edge(b)) / mass - shift ** 2;
  return sound({ mean: mean + sd * shift, variance: Math.max(variance * shrink, 1e-12), mass });
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
  for (const [i, weight] of weights) {
    const row = covariance[i];
    if (!row) throw new Refusal('weights', '/weights', 'The belief has no such number.');
    middle += weight * mean[i]!;
    let along = 0;
    for (const [j, other] of weights) along += other * row[j]!;
    variance += weight * along;
  }
  return sound({ mean: middle, variance });
}

/**
 * A belief after a weighted sum of its numbers was seen to lie between two bounds by an eye that errs.
 * @param belief before
 * @param weights of the sum that was seen
 * @param low lower bound of what was seen, −Infinity for none
 * @param high upper bound, Infinity for none
 * @param eyeVariance of the error of seeing
 * @returns the belief after, its first two moments exact for that sum, and how probable it was to see that
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
): Gaussian & { readonly mass: number } {
  const { mean, variance } = spreadOf(belief, weights);
  const seen: Spread = { mean, variance: variance + eyeVariance };
  const after = truncated(seen, low, high);
  // How each number goes with the sum that was seen.
  const gain = belief.mean.map((_, i) => {
    const row = belief.covariance[i]!;
    let together = 0;
    for (const [j, weight] of weights) together += weight * row[j]!;
    return together / seen.variance;
  });
  const moved = after.mean - seen.mean;
  const lost = seen.variance - after.variance;
  return {
    mean: sound(belief.mean.map((value, i) => value + gain[i]! * moved)),
    covariance: belief.covariance.map((row, i) => {
      const taken = gain[i]! * lost;
      // Rows that the sum does not touch are shared: nothing is ever written into one.
      if (taken === 0) return row;
      const after = row.slice();
      for (let j = 0; j < after.length; j += 1) after[j]! -= taken * gain[j]!;
      return after;
    }),
    mass: after.mass,
  };
}

/** A Gaussian that may be the truth, with how probable it is. */
export interface Weighted<Of> {
  readonly weight: number;
  readonly of: Of;
}

/**
 * Mean and variance of a number of which several Gaussians may be the truth.
 * @param parts each with its weight; the weights add up to 1
 * @returns mean and variance of all together
 * @source law of total variance
 * @example
 * mixtureSpread([{ weight: 0.5, of: { mean: 0, variance: 1 } }, { weight: 0.5, of: { mean: 2, variance: 1 } }]) // = {"mean":1,"variance":2}
 */
export function mixtureSpread(parts: readonly Weighted<Spread>[]): Spread {
  const mean = parts.reduce((sum, { weight, of }) => sum + weight * of.mean, 0);
  const variance = parts.reduce(
    (sum, { weight, of }) => sum + weight * (of.variance + (of.mean - mean) ** 2),
    0,
  );
  return sound({ mean, variance });
}

/**
 * How far from a value a number lies at the most, as often as is asked.
 * @param parts of which each may be the truth
 * @param from the value
 * @param share such as 0.95
 * @returns the half width of the band around the value that holds it with that probability
 * @source bisection of the mixture's distribution
 * @example
 * withinOf([{ weight: 1, of: { mean: 0, variance: 1 } }], 0, 0.95) // ≈ 1.96
 */
export function withinOf(parts: readonly Weighted<Spread>[], from: number, share: number): number {
  const bells = parts.map(({ weight, of: { mean, variance } }) => ({
    weight,
    away: from - mean,
    sd: Math.sqrt(Math.max(variance, 1e-18)),
  }));
  const held = (width: number) => {
    let sum = 0;
    for (const { weight, away, sd } of bells) {
      sum += weight * (normalBelow((away + width) / sd) - normalBelow((away - width) / sd));
    }
    return sum;
  };
  const { mean, variance } = mixtureSpread(parts);
  let low = 0;
  let high = Math.abs(from - mean) + 10 * Math.sqrt(variance) + 1e-9;
  for (let turn = 0; turn < 18; turn += 1) {
    const middle = (low + high) / 2;
    if (held(middle) < share) low = middle;
    else high = middle;
  }
  return sound(high);
}
