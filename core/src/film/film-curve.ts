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

/** What a film is like: how dense it is without light, how it begins, and how its slope grows with development. */
export interface FilmCharacter {
  readonly baseFog: number;
  /** How softly the toe turns into the straight part, log10. */
  readonly toe: number;
  /** The slope of normal development. */
  readonly normalGradient: number;
  /** The slope that endless development would reach. */
  readonly mostGradient: number;
  /** No density grows before this share of the normal time; below zero where it does from the first moment. */
  readonly induction: number;
}

export const BASE_FOG = 0.25;
/** The slope of a recipe's normal development. */
export const NORMAL_GRADIENT = 0.6;
/** The slope that endless development would reach. */
export const MOST_GRADIENT = 1.2;
/** No density grows before this share of the normal time. */
export const INDUCTION = 0.1;
/** The film that stands for every film until it is measured. */
export const usualFilm: FilmCharacter = {
  ...{ baseFog: BASE_FOG, toe: 0.16, normalGradient: NORMAL_GRADIENT },
  ...{ mostGradient: MOST_GRADIENT, induction: INDUCTION },
};
/** The speed point lies here above base and fog (ISO 6). */
export const SPEED_DENSITY = 0.1;
/** Where a curve of this slope has its speed point, from the place of its toe, log10. */
const speedPointAfter = (gradient: number, toe: number) =>
  toe * Math.log(Math.expm1(SPEED_DENSITY / (gradient * toe)));

/**
 * The slope that a development reaches.
 * @param share development time as a share of the recipe's normal time
 * @param film what it is like; the usual film unless it was measured
 * @returns ΔD/ΔlogH; 0 while nothing has grown yet
 * @source G = G∞·(1 − e^(−c·(t − t0))), through the normal slope at the normal time
 * @example
 * gradientAfter(1) // ≈ 0.6
 */
export function gradientAfter(share: number, film: FilmCharacter = usualFilm): number {
  const { normalGradient, mostGradient, induction } = film;
  const c = -Math.log(1 - normalGradient / mostGradient) / (1 - induction);
  return sound(mostGradient * (1 - Math.exp(-c * Math.max(0, share - induction))));
}

/**
 * The curve of a film developed for longer or shorter than normal.
 * @param share development time as a share of the normal time
 * @param film what it is like; the usual film unless it was measured
 * @returns the curve; the speed point of normal development is at 0
 * @throws Refusal `film-curve` unless the share is a number that is not negative
 * @source toe-and-line model with the toe where the exposure put it: a stop of push moves the speed point by about 0.05
 * log10, which is why shadows do not come back
 * @example
 * filmCurve(1.4).speedPoint // ≈ -0.05777
 */
export function filmCurve(share: number, film: FilmCharacter = usualFilm): FilmCurve {
  if (!(share >= 0 && share < Infinity)) {
    throw new Refusal('film-curve', '/share', 'A development takes no less than no time.');
  }
  const { baseFog, toe, normalGradient } = film;
  const gradient = gradientAfter(share, film);
  // The place of the toe: normal development has its speed point at 0.
  const toeAt = -speedPointAfter(normalGradient, toe);
  const speedPoint = toeAt + speedPointAfter(gradient, toe);
  return {
    ...{ baseFog, gradient, toe, toeAt },
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
