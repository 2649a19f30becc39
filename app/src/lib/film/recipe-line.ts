import { agitationScheme, formatDilution } from '@katachron/core';
import type { RecipeBody } from '../contract/recipe.ts';
import { clockTime } from '../words/duration.ts';
import { contrastName } from '../words/factors.ts';
import { degrees, type Unit } from '../words/temperature.ts';

const sources: Record<RecipeBody['source'], string> = {
  'data-sheet': 'data sheet',
  'own-test': 'own test',
  guess: 'guess',
};

/** A recipe as two lines of text. */
export function recipeLine(recipe: RecipeBody, unit: Unit) {
  const { film, developer, dilution, exposureIndex, points, agitation, reuse, contrast } = recipe;
  const more = [
    agitationScheme(agitation).name,
    reuse?.kind === 'batch' && `+${reuse.percent} % for each ${reuse.rolls} rolls`,
    reuse?.kind === 'replenish' && `${reuse.mlPerRoll} ml a roll`,
    contrast?.length && contrast.map(({ n }) => contrastName(n)).join(' '),
    recipe.minimumMl && `at least ${recipe.minimumMl} ml a roll`,
    recipe.secondBath && `second bath ${clockTime(recipe.secondBath.seconds)}`,
    sources[recipe.source],
    recipe.note,
  ];
  return {
    name: `${film} in ${developer} ${formatDilution(dilution)}`,
    speed: `EI ${exposureIndex}`,
    times: points
      .map(({ temperatureC, seconds }) => `${clockTime(seconds)} at ${degrees(temperatureC, unit)}`)
      .join(', '),
    more: more.filter(Boolean).join('; '),
  };
}

/** Does a recipe hold every word typed? */
export function holds(recipe: RecipeBody, typed: string, unit: Unit): boolean {
  const all = Object.values(recipeLine(recipe, unit)).join(' ').toLowerCase();
  return typed
    .toLowerCase()
    .split(/\s+/)
    .every((word) => all.includes(word));
}
