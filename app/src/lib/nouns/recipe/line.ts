import { agitationScheme, formatDilution } from '@katachron/core';
import type { RecipeBody } from './contract.ts';
import { growsBy } from './grows.ts';
import { clockTime } from '../../words/duration.ts';
import { contrastName } from '../roll/factors.ts';
import { degrees, type Unit } from '../../words/temperature.ts';
import { volumeWords, type VolumeUnit } from '../../words/volume.ts';

const sources: Record<RecipeBody['source'], string> = {
  'data-sheet': 'data sheet',
  'own-test': 'own test',
  guess: 'guess',
};

/** The units of a line: of its temperatures, and of its volumes. */
export interface LineUnits {
  readonly unit: Unit;
  readonly volumeUnit?: VolumeUnit;
}

/** A recipe as two lines of text. */
export function recipeLine(recipe: RecipeBody, { unit, volumeUnit = 'ml' }: LineUnits) {
  const { film, developer, dilution, exposureIndex, points, agitation, reuse, contrast } = recipe;
  const more = [
    agitationScheme(agitation).name,
    growsBy(reuse) && `+${growsBy(reuse)}`,
    reuse?.kind === 'replenish' && `${volumeWords(reuse.mlPerRoll, volumeUnit)} a roll`,
    contrast?.length && contrast.map(({ n }) => contrastName(n)).join(' '),
    recipe.minimumMl && `at least ${volumeWords(recipe.minimumMl, volumeUnit)} a roll`,
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
export function holds(recipe: RecipeBody, typed: string, units: LineUnits): boolean {
  const all = Object.values(recipeLine(recipe, units)).join(' ').toLowerCase();
  return typed
    .toLowerCase()
    .split(/\s+/)
    .every((word) => all.includes(word));
}
