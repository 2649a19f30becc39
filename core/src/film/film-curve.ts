/** A film's characteristic curve: a toe, then a straight line (ISO 5 densities, log10 exposure). */
export interface FilmCurve {
  /** Base and fog. */
  readonly baseFog: number;
  /** Slope of the straight part, ΔD/ΔlogH. */
  readonly gradient: number;
  /** How softly the toe turns into it, log10. */
  readonly toe: number;
  /** The exposure at which D is 0.10 over base and fog, log10. */
  readonly speedPoint: number;
}

export const BASE_FOG = 0.25;
export const TOE = 0.16;
/** The slope of a recipe's normal development. */
export const NORMAL_GRADIENT = 0.6;
/** The slope that endless development would reach. */
export const MOST_GRADIENT = 1.2;
/** No density grows before this share of the normal time. */
export const INDUCTION = 0.1;
/** The speed point lies here above base and fog (ISO 6). */
export const SPEED_DENSITY = 0.1;
/** A stop of push moves the speed point by no more than this, log10: that is why shadows do not come back. */
export const SPEED_POINT_PER_STOP = 0.05;

/**
 * The slope that a development reaches.
 * @param share development time as a share of the recipe's normal time
 * @returns ΔD/ΔlogH; 0 while nothing has grown yet
 * @source G = G∞·(1 − e^(−c·(t − t0))), through 0.6 at the normal time
 * @example
 * gradientAfter(1) // ≈ 0.6
 */
export function gradientAfter(share: number): number {
  const c = -Math.log(1 - NORMAL_GRADIENT / MOST_GRADIENT) / (1 - INDUCTION);
  return MOST_GRADIENT * (1 - Math.exp(-c * Math.max(0, share - INDUCTION)));
}

/**
 * The curve of a film developed for longer or shorter than normal.
 * @param share development time as a share of the normal time
 * @param pushStops stops it was pushed (positive) or pulled by
 * @returns the curve, its speed point against that of normal development at 0
 * @source toe-and-line model; a stop of push moves the speed point by 0.05
 * @example
 * filmCurve(1.4, 1).speedPoint // = -0.05
 */
export function filmCurve(share: number, pushStops: number): FilmCurve {
  return {
    baseFog: BASE_FOG,
    gradient: gradientAfter(share),
    toe: TOE,
    speedPoint: -SPEED_POINT_PER_STOP * pushStops + 0,
  };
}

/**
 * The density of a film at an exposure.
 * @param curve of the film as developed
 * @param logH log10 exposure on the curve's own scale
 * @returns density, base and fog counted
 * @source D = Df + G·k·ln(1 + e^((x − x0)/k)), x0 such that D = Df + 0.10 at the speed point
 * @example
 * filmDensity(filmCurve(1, 0), 0) // ≈ 0.35
 */
export function filmDensity(curve: FilmCurve, logH: number): number {
  const { baseFog, gradient, toe, speedPoint } = curve;
  if (gradient === 0) return baseFog;
  const x0 = speedPoint - toe * Math.log(Math.expm1(SPEED_DENSITY / (gradient * toe)));
  return baseFog + gradient * toe * Math.log1p(Math.exp((logH - x0) / toe));
}
