import { Refusal, secondsInBath } from '@katachron/core';
import { BATH_BEYOND, BOTTLE_FOLLOWS } from '../../nouns/vessel/bottle.ts';
import { degrees, parseTemperature, type Unit } from '../../words/temperature.ts';
import type { Candidate } from './evening-tasks.ts';
import { LOADING } from './task-kinds.ts';

/** Nearer than this nobody tempers, °C. */
const NEAR = 0.3;

const degreesIn = (temperatureC: number, unit: Unit) => `${degrees(temperatureC, unit)}${unit}`;

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
  const facts = (more: Candidate['facts']) => ({
    ...candidate,
    facts: { ...candidate.facts, ...more },
  });
  if (Math.abs(apart) < NEAR) return facts({ warmSeconds: 0 });
  const waterC = developerC + Math.sign(apart) * BATH_BEYOND;
  const warmSeconds = secondsInBath(nowC, developerC, waterC, BOTTLE_FOLLOWS);
  if (warmSeconds >= LOADING) return facts({ warmSeconds, water: degreesIn(waterC, unit) });
  // The tank takes longer to load than so warm a water leaves: in water that is less warm they are ready just then.
  const share = Math.exp(LOADING / BOTTLE_FOLLOWS);
  const gentleC = (share * developerC - nowC) / (share - 1);
  return facts({ warmSeconds: LOADING, water: degreesIn(gentleC, unit) });
}
