import {
  development,
  driftedEnd,
  temperatureCourse,
  type DriftReading,
  type ProcessRecord,
} from '@katachron/core';
import type { RollBody } from '../contract/roll.ts';

type Planned = Pick<RollBody, 'recipe' | 'temperatureC' | 'exposureIndex' | 'drift' | 'plan'>;

/** The readings taken in the developer so far, from its start; the temperature of the plan is the first. */
export function developerReadings(roll: Planned, record: ProcessRecord): DriftReading[] {
  const developer = record.steps.find(({ step }) => step.kind === 'developer');
  const startedAtMs = developer?.startedAtMs;
  if (!developer || startedAtMs === undefined) return [];
  const read = record.temperatures
    .filter(({ stepId }) => stepId === developer.step.id)
    .map(({ atMs, temperatureC }) => ({
      seconds: Math.max(0, (atMs - startedAtMs) / 1000),
      temperatureC,
    }));
  return [{ seconds: 0, temperatureC: roll.temperatureC }, ...read];
}

/** When the development is done by all that was read: the whole second at which the step should end. */
export function followedSeconds(roll: Planned, readings: readonly DriftReading[]): number {
  const { pushFactor: factor } = development(roll.recipe, roll.temperatureC, roll.exposureIndex);
  const { drift, recipe } = roll;
  return Math.round(driftedEnd({ recipe, factor, readings, ...(drift && { drift }) }).endSeconds);
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
