import { sound } from '../quantity/sound.ts';
import { STOP_IN_LOG } from '../quantity/stops.ts';
import { filmCurve, filmDensity, usualFilm, type FilmCharacter } from './film-curve.ts';
import { pushFactor } from './push.ts';

/** Middle grey, zone V, lies so many stops above the speed point at zone I. */
const MIDDLE_GREY_STOPS = 4;

/**
 * What the rule of thumb for a push or pull leaves middle grey short of, by the film's curve.
 * @param stops positive pushed, negative pulled
 * @param film what it is like; the usual film unless it was measured
 * @returns density that zone V lacks; below zero it has too much
 * @throws Refusal as `pushFactor`
 * @source film curve at normal development, less that at the rule's time with so many stops less light
 * @example
 * ruleShortfall(2) // ≈ 0.14
 */
export function ruleShortfall(stops: number, film: FilmCharacter = usualFilm): number {
  const grey = MIDDLE_GREY_STOPS * STOP_IN_LOG;
  const pushed = filmCurve(pushFactor(stops), film);
  return sound(
    filmDensity(filmCurve(1, film), grey) - filmDensity(pushed, grey - stops * STOP_IN_LOG),
  );
}
