import { temperatureFor, type DriftAnswer, type FilmRecipe, type TankDrift } from '@katachron/core';
import { clockTime } from './duration.ts';
import { degrees, type Unit } from './temperature.ts';

/** What a drift does to a development time. */
export function driftSentence(
  steadySeconds: number,
  { endSeconds, endC }: DriftAnswer,
  { ambientC }: TankDrift,
  unit: Unit,
): string {
  const room = `In a room of ${degrees(ambientC, unit)} the tank drifts to ${degrees(endC, unit)}`;
  const steady = clockTime(steadySeconds);
  const drifted = clockTime(endSeconds);
  return steady === drifted
    ? `${room}: the time stays.`
    : `${room}, so it is done at ${drifted} instead of ${steady}.`;
}

/** The answer to "I want at least this long". */
export function reverseSentence(
  recipe: FilmRecipe,
  seconds: number,
  factor: number,
  unit: Unit,
): string {
  const temperatureC = temperatureFor(recipe, seconds, factor);
  return `${degrees(temperatureC, unit)} or cooler takes ${clockTime(seconds)} or longer.`;
}

/** How a reading moved the end of a development. */
export function movedSentence(beforeSeconds: number, afterSeconds: number): string {
  const moved = Math.round(afterSeconds - beforeSeconds);
  const to = `to ${clockTime(afterSeconds)}`;
  return moved === 0
    ? `The end stays at ${clockTime(afterSeconds)}.`
    : `End moved ${clockTime(Math.abs(moved))} ${moved > 0 ? 'later' : 'earlier'}, ${to}.`;
}
