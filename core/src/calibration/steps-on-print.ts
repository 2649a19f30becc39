import { usualFilm, type FilmCharacter } from '../film/film-curve.ts';
import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';
import { TABLET_STEP_LOG } from './step-tablet.ts';

/** So many steps between first tone and full black are normal development for a normal paper. */
export const NORMAL_STEPS = 13;
/** Two steps of a usual tablet are a zone, log10. */
const ZONE_LOG = 2 * TABLET_STEP_LOG;
/** Nobody counts more on a print. */
const MOST_COUNTED = 41;
/** A count of steps may be one out at either end: standard deviation of a rounded number, twice, steps. */
export const COUNT_WITHIN = Math.SQRT2 / Math.sqrt(12);
/**
 * How the gradient grows with ln t at normal development: b of G = a + b·ln t there.
 * @param film what it is like; the usual film unless it was measured
 * @returns gradient a unit of ln t
 * @source film curve: G∞(1 − e^(−k(t − t0))), its slope against ln t at t = 1
 * @example
 * gradientGrowth() // ≈ 0.4621
 */
export function gradientGrowth(film: FilmCharacter = usualFilm): number {
  const { normalGradient, mostGradient, induction } = film;
  return sound(
    (-Math.log(1 - normalGradient / mostGradient) / (1 - induction)) *
      (mostGradient - normalGradient),
  );
}

/** Where no series of the film's own says. */
export const USUAL_B = gradientGrowth();

/** What the steps counted on a print say of the film's development. */
export interface StepsOnPrint {
  readonly gradient: number;
  readonly wantedGradient: number;
  /** N: +1 came out a zone too hard. */
  readonly n: number;
  /** What would have been normal, s. */
  readonly seconds: number;
  /** The film's own growth of gradient was not known: the usual film's stood for it. */
  readonly ruleOfThumb: boolean;
}

/**
 * A film's development by eye: the steps of its tablet told apart on a print at the minimum time for maximum black.
 * @param steps counted between first tone and full black
 * @param seconds that the film was developed
 * @param paperRange R of the paper it was printed on
 * @param b of the film's own series, G = a + b·ln t; the usual film's where there is none
 * @param normalSteps what counts as normal: 13 of a usual tablet, as far of another one, unless the user moved it
 * @param stepLog a step of the tablet, log10
 * @returns the gradient, N, and the time that would be normal
 * @throws Refusal `steps` for a count that no tablet gives, or a time out of reach
 * @source G = R/(100·step·steps); 0.30 a zone; t·e^((G13 − G)/b)
 * @example
 * stepsOnPrint(11, 480, 110, 0.3175).seconds // ≈ 347.5
 */
export function stepsOnPrint(
  steps: number,
  seconds: number,
  paperRange: number,
  b: number = USUAL_B,
  normalSteps?: number,
  stepLog: number = TABLET_STEP_LOG,
): StepsOnPrint {
  const normal = normalSteps ?? (NORMAL_STEPS * TABLET_STEP_LOG) / stepLog;
  const counts = (count: number) => count >= 3 && count <= MOST_COUNTED;
  if (!(counts(steps) && counts(normal) && stepLog > 0)) {
    throw new Refusal(
      'steps',
      '/steps',
      `Count from 3 to ${MOST_COUNTED} steps between first tone and black.`,
    );
  }
  if (!(seconds > 0 && paperRange > 0 && b >= 0.05 && b <= 2)) {
    throw new Refusal('steps', '/seconds', 'Give how long the film was developed, and the paper.');
  }
  const gradientOf = (counted: number) => paperRange / (100 * stepLog * counted);
  const gradient = gradientOf(steps);
  const wantedGradient = gradientOf(normal);
  return sound({
    gradient,
    wantedGradient,
    n: Number((((normal - steps) * stepLog) / ZONE_LOG).toFixed(6)),
    seconds: seconds * Math.exp((wantedGradient - gradient) / b),
    ruleOfThumb: b === USUAL_B,
  });
}
