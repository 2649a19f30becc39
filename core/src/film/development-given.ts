import { developmentDone, type DriftQuestion } from './drift.ts';
import { gradientAfter, usualFilm, type FilmCharacter } from './film-curve.ts';
import { PULL_PER_STOP, PUSH_PER_STOP } from './push.ts';

/** What a film really got of its development. */
export interface DevelopmentGiven {
  /** 1 is what was asked for. */
  readonly share: number;
  /** The stops of push (positive) or pull that it amounts to. */
  readonly stops: number;
  /** The contrast that came of it, as a share of the one wanted. */
  readonly contrast: number;
}

/** Less than this either way is the pouring, not the development. */
const TOLERANCE = 0.1;

/**
 * What the real time and temperatures of a development came to, against what was asked for.
 * @param question recipe, factor on its time, readings (s, °C) and how the tank drifts
 * @param seconds that the developer was really in
 * @param film what it is like; the usual film unless it was measured
 * @returns the share of the development, and what it amounts to in stops and in contrast
 * @throws Refusal as `developmentDone`
 * @source development done = ∫ dt / t(T); film curve for contrast; ×1.4 a stop pushed, ×0.8 a stop pulled
 * @example
 * developmentGiven({ recipe: { film: "Halden 400", boxSpeed: 400, developer: "Tansy", dilution: [1, 31], exposureIndex: 400, agitation: "each-minute", points: [{ temperatureC: 20, seconds: 95 }], source: "guess" }, factor: 1, readings: [{ seconds: 0, temperatureC: 20 }] }, 146).share // ≈ 1.537
 */
export function developmentGiven(
  question: DriftQuestion,
  seconds: number,
  film: FilmCharacter = usualFilm,
): DevelopmentGiven {
  const share = developmentDone(question, seconds);
  const perStop = share >= 1 ? PUSH_PER_STOP : PULL_PER_STOP;
  return {
    share,
    stops: share > 0 ? Math.log(share) / Math.abs(Math.log(perStop)) : -Infinity,
    contrast: gradientAfter(share, film) / film.normalGradient,
  };
}

/**
 * Whether a development went wrong far enough to be seen on the negatives.
 * @param share of the development that was asked for
 * @returns the way it went, or undefined while it is near enough
 * @source a tenth of the time is a sixth of a paper grade or so
 * @example
 * developmentFault(1.54) // = "over"
 */
export function developmentFault(share: number): 'over' | 'under' | undefined {
  if (share > 1 + TOLERANCE) return 'over';
  return share < 1 - TOLERANCE ? 'under' : undefined;
}
