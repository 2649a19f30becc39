import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';

/** A film's characteristic curve: a toe, then a straight line (ISO 5 densities, log10 exposure). */
export interface FilmCurve {
  /** Base and fog. */
  readonly baseFog: number;
  /** Slope of the straight part, ΔD/ΔlogH. */
  readonly gradient: number;
  /** How softly the toe turns into it, log10. */
  readonly toe: number;
  /** Where the toe lies: fixed by the exposure, so that no development moves it, log10. */
  readonly toeAt: number;
  /** The exposure at which D is 0.10 over base and fog, log10; nowhere while nothing has grown. */
  readonly speedPoint: number | undefined;
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
/** Where a curve of this slope has its speed point, from the place of its toe, log10. */
const speedPointAfter = (gradient: number) =>
  TOE * Math.log(Math.expm1(SPEED_DENSITY / (gradient * TOE)));
/** The place of the toe: normal development has its speed point at 0. */
const TOE_AT = -speedPointAfter(NORMAL_GRADIENT);

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
  return sound(MOST_GRADIENT * (1 - Math.exp(-c * Math.max(0, share - INDUCTION))));
}

/**
 * The curve of a film developed for longer or shorter than normal.
 * @param share development time as a share of the normal time
 * @returns the curve; the speed point of normal development is at 0
 * @throws Refusal `film-curve` unless the share is a number that is not negative
 * @source toe-and-line model with the toe where the exposure put it: a stop of push moves the speed point by about 0.05
 * log10, which is why shadows do not come back
 * @example
 * filmCurve(1.4).speedPoint // ≈ -0.05777
 */
export function filmCurve(share: number): FilmCurve {
  if (!(share >= 0 && share < Infinity)) {
    throw new Refusal('film-curve', '/share', 'A development takes no less than no time.');
  }
  const gradient = gradientAfter(share);
  const speedPoint = TOE_AT + speedPointAfter(gradient);
  return {
    ...{ baseFog: BASE_FOG, gradient, toe: TOE, toeAt: TOE_AT },
    speedPoint: Number.isFinite(speedPoint) ? speedPoint : undefined,
  };
}

/**
 * The density of a film at an exposure.
 * @param curve of the film as developed
 * @param logH log10 exposure on the curve's own scale
 * @returns density, base and fog counted
 * @source D = Df + G·k·ln(1 + e^((x − x0)/k))
 * @example
 * filmDensity(filmCurve(1), 0) // ≈ 0.35
 */
export function filmDensity({ baseFog, gradient, toe, toeAt }: FilmCurve, logH: number): number {
  sound(logH);
  const over = (logH - toeAt) / toe;
  // Far up the line the exponential is past any number, and the line is all there is.
  const grown = over > 30 ? over : Math.log1p(Math.exp(over));
  return sound(baseFog + gradient * toe * grown);
}
