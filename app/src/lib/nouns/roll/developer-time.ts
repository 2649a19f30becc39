import { development } from '@katachron/core';
import { attempt } from '../../words/attempt.ts';
import { placedBaths, type StandingBath } from '../bath/standing.ts';
import { rollsThrough } from '../bath/through-rolls.ts';
import { growsBy } from '../recipe/grows.ts';
import type { RecipeBody } from '../recipe/contract.ts';
import type { RollBody } from './contract.ts';

/** Nobody has read a thermometer yet: what most darkrooms have, °C. */
const USUAL_C = 20;

/** How long a roll is in its developer, and at what temperature that is used. */
export interface DeveloperTime {
  readonly seconds: number;
  readonly temperatureC: number;
}

const isDeveloper = (kind: string) => kind === 'developer' || kind === 'second-developer';

/**
 * How long a roll will be in its developer: as it is planned; before it is, as its recipe says for its speed at the temperature that
 * comes nearest to the usual one, a wrong clock, what its developer has had, and a second bath counted. Nothing where no recipe answers.
 */
export function developerTime(
  roll: Pick<RollBody, 'plan' | 'temperatureC' | 'exposureIndex' | 'choices'>,
  recipe: RecipeBody | undefined,
  standing: readonly StandingBath[] = [],
): DeveloperTime | undefined {
  if (roll.plan) {
    const steps = roll.plan.steps.filter(({ kind }) => isDeveloper(kind));
    const seconds = steps.reduce((sum, step) => sum + step.seconds, 0);
    return { seconds, temperatureC: roll.temperatureC ?? USUAL_C };
  }
  if (!recipe) return undefined;
  const [usual] = recipe.points.toSorted(
    (a, b) => Math.abs(a.temperatureC - USUAL_C) - Math.abs(b.temperatureC - USUAL_C),
  );
  const temperatureC = usual?.temperatureC ?? USUAL_C;
  const choices = { ...usedBefore(recipe, standing), ...roll.choices };
  const { value } = attempt(() => development(recipe, temperatureC, roll.exposureIndex, choices));
  return value && { seconds: value.seconds + (recipe.secondBath?.seconds ?? 0), temperatureC };
}

/** What the developer that stands mixed for a recipe has had; only one that is used again asks. */
function usedBefore(recipe: RecipeBody, standing: readonly StandingBath[]) {
  if (!growsBy(recipe.reuse)) return {};
  const { developer: name, dilution, substanceId } = recipe;
  const developer = { name, dilution, ...(substanceId && { substanceId }) };
  const [placed] = placedBaths(standing, { kinds: ['developer'], developer });
  if (!placed?.bath) return {};
  const rolls = rollsThrough(placed.bath);
  return rolls > 0 ? { rollsBefore: rolls, developerMl: placed.bath.state.volumeMl } : {};
}
