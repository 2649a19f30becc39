import type { Refusal } from '@katachron/core';
import { degrees, degreesApart, type Unit } from './temperature.ts';

type Facts = Readonly<Record<string, number>>;

/** "18.3" of a temperature, in the unit in use. */
const bare = (temperatureC: number, unit: Unit) => degrees(temperatureC, unit).replace('°', '');

/** Refusals that speak of temperatures, in the unit in use and to a tenth; the core's own sentences are in °C. */
const sentences: Record<string, (facts: Facts, unit: Unit) => string> = {
  'past-table': ({ lowC = 0, highC = 0, mostC = 0 }, unit) =>
    `The recipe's table runs from ${bare(lowC, unit)} to ${bare(highC, unit)} °${unit}. More than ${degreesApart(mostC, unit)} past it a time would be a guess.`,
  'far-from-single': ({ onlyC = 0, mostC = 0 }, unit) =>
    `The recipe has one time, at ${bare(onlyC, unit)} °${unit}. More than ${degreesApart(mostC, unit)} from it a time would be a guess.`,
  'recipe-same-temperature': ({ atC = 0 }, unit) =>
    `The recipe has two times at ${bare(atC, unit)} °${unit}. Keep one of them.`,
  'time-out-of-reach': ({ lowC = 0, highC = 0 }, unit) =>
    `Between ${bare(lowC, unit)} and ${bare(highC, unit)} °${unit}, as far as this recipe answers, no temperature takes that long.`,
};

/** What a refusal says, in the unit in use. */
export function refusalWords({ code, facts, message }: Refusal, unit: Unit): string {
  return (facts && sentences[code]?.(facts, unit)) ?? message;
}
