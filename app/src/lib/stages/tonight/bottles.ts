import { Refusal, secondsInBath } from '@katachron/core';
import { parseTemperature, type Unit } from '../../words/temperature.ts';
import type { Candidate } from './evening-tasks.ts';

/** A litre bottle of glass in a bowl of water follows it about so fast, s; a thermometer in the bottle decides. */
const BOTTLE_FOLLOWS = 600;
/** The water is so much beyond what is wanted, °C. */
const WATER_BEYOND = 10;
/** Nearer than this nobody tempers, °C. */
const NEAR = 0.3;

/**
 * A roll with the time that its bottles take to come to what its developer is used at.
 * @throws Refusal for a temperature that cannot be read, or that is none of a bottle
 */
export function withWarming(candidate: Candidate, bottles: string, unit: Unit): Candidate {
  const { developerC } = candidate.facts;
  if (bottles.trim() === '' || candidate.kind !== 'roll' || developerC === undefined) {
    return candidate;
  }
  const nowC = parseTemperature(bottles, unit, '/bottles');
  if (nowC < 0 || nowC > 60) {
    throw new Refusal('temperature', '/bottles', 'Bottles lie between freezing and hot tap water.');
  }
  const apart = developerC - nowC;
  const waterC = developerC + Math.sign(apart) * WATER_BEYOND;
  const warmSeconds =
    Math.abs(apart) < NEAR ? 0 : secondsInBath(nowC, developerC, waterC, BOTTLE_FOLLOWS);
  return { ...candidate, facts: { ...candidate.facts, warmSeconds } };
}
