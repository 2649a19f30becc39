import {
  development,
  developmentDone,
  developmentGiven,
  driftedEnd,
  temperatureCourse,
  type DevelopmentGiven,
  type DriftQuestion,
  type DriftReading,
  type FilmCharacter,
  type ProcessRecord,
} from '@katachron/core';
import type { PlannedRollBody } from './contract.ts';
import { attempt } from '../../words/attempt.ts';

type Planned = Pick<
  PlannedRollBody,
  'recipe' | 'temperatureC' | 'exposureIndex' | 'drift' | 'plan' | 'choices'
>;

/** The readings taken in the developer so far, from its start; the temperature of the plan is the first. */
export function developerReadings(roll: Planned, record: ProcessRecord): DriftReading[] {
  const developer = record.steps.find(({ step }) => step.kind === 'developer');
  const startedAtMs = developer?.startedAtMs;
  if (!developer || startedAtMs === undefined) return [];
  const read = record.temperatures
    .filter(({ stepId }) => stepId === developer.step.id)
    .map(({ atMs, temperatureC }) => ({ seconds: (atMs - startedAtMs) / 1000, temperatureC }));
  // What was read just before pouring is where the course begins.
  const before = read.findLast(({ seconds }) => seconds <= 0);
  const first = before?.temperatureC ?? roll.temperatureC;
  return [{ seconds: 0, temperatureC: first }, ...read.filter(({ seconds }) => seconds > 0)];
}

/** What the development is asked for: its recipe, its factor, and the temperatures so far. */
function question(roll: Planned, readings: readonly DriftReading[]): DriftQuestion {
  const { drift, recipe, temperatureC, exposureIndex, choices } = roll;
  const { factor } = development(recipe, temperatureC, exposureIndex, choices);
  return { recipe, factor, readings, ...(drift && { drift }) };
}

/** When the development is done by all that was read, with what was given on top by hand: the whole second at which it should end. */
export function followedSeconds(
  roll: Planned,
  readings: readonly DriftReading[],
  extraSeconds = 0,
): number {
  return Math.round(driftedEnd(question(roll, readings)).endSeconds + extraSeconds);
}

/** The time for a temperature that was read just before pouring, the drift counted where it is followed. */
export function secondsFrom(roll: Planned, temperatureC: number): number {
  // Refused where the recipe refuses, which the sum over a drift does not.
  development(roll.recipe, temperatureC, roll.exposureIndex, roll.choices);
  return followedSeconds(roll, [{ seconds: 0, temperatureC }]);
}

/** How much of the development is done after so many seconds, 1 when it is whole. */
export function doneAfter(
  roll: Planned,
  readings: readonly DriftReading[],
  seconds: number,
): number {
  return Math.min(1, developmentDone(question(roll, readings), seconds));
}

/** The temperature that the time in force was worked out for: the plan's, or what was read last before it was poured. */
export function plannedC(roll: Planned, record: ProcessRecord): number {
  const developer = record.steps.find(({ step }) => step.kind === 'developer');
  const poured = developer?.startedAtMs ?? Infinity;
  const before = record.temperatures.findLast(
    ({ stepId, atMs }) => stepId === developer?.step.id && atMs <= poured,
  );
  return before?.temperatureC ?? roll.temperatureC;
}

/** What the developer should read by now: the temperature of the plan, or where the drift is followed its prediction. */
export function expectedC(
  roll: Planned,
  earlier: readonly DriftReading[],
  seconds: number,
  record: ProcessRecord,
): number {
  if (!roll.drift || earlier.length === 0) return plannedC(roll, record);
  return temperatureCourse(earlier, roll.drift)(seconds);
}

/** What the real time and temperatures of the developer came to, by the film’s own curve where it has one; nothing while it is in it, or where nobody can tell. */
export function givenOf(
  roll: Planned,
  record: ProcessRecord,
  film?: FilmCharacter,
): DevelopmentGiven | undefined {
  const developer = record.steps.find(({ step }) => step.kind === 'developer');
  if (developer?.startedAtMs === undefined || developer.endedAtMs === undefined) return undefined;
  const seconds = (developer.endedAtMs - developer.startedAtMs) / 1000;
  return attempt(() => {
    const asked = question(roll, developerReadings(roll, record));
    const planned = [{ seconds: 0, temperatureC: roll.temperatureC }];
    // A minute more was given on purpose: it is what was asked for.
    const wantedSeconds = developer.plannedSeconds + developer.extraSeconds;
    const wanted = developmentDone({ ...asked, factor: 1, readings: planned }, wantedSeconds);
    return developmentGiven({ ...asked, factor: wanted }, seconds, film);
  }).value;
}
