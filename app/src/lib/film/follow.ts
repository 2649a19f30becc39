import {
  development,
  developmentDone,
  driftedEnd,
  temperatureCourse,
  type DriftQuestion,
  type DriftReading,
  type ProcessRecord,
} from '@katachron/core';
import type { PlannedRollBody } from '../contract/roll.ts';

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

/** What the developer should read by now: the plan's temperature, or where the drift is followed its prediction. */
export function expectedC(
  roll: Planned,
  earlier: readonly DriftReading[],
  seconds: number,
): number {
  if (!roll.drift || earlier.length === 0) return roll.temperatureC;
  return temperatureCourse(earlier, roll.drift)(seconds);
}
