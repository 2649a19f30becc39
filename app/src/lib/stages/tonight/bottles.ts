import { Refusal, secondsInBath } from '@katachron/core';
import { BATH_BEYOND, BOTTLE_FOLLOWS } from '../../nouns/vessel/bottle.ts';
import { parseTemperature, type Unit } from '../../words/temperature.ts';
import type { Candidate } from './evening-tasks.ts';

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
  const waterC = developerC + Math.sign(apart) * BATH_BEYOND;
  const warmSeconds =
    Math.abs(apart) < NEAR ? 0 : secondsInBath(nowC, developerC, waterC, BOTTLE_FOLLOWS);
  return { ...candidate, facts: { ...candidate.facts, warmSeconds } };
}
