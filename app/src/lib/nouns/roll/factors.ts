import { agitationScheme, type Development, type FactorId, type FilmRecipe } from '@katachron/core';
import { growsBy } from '../recipe/grows.ts';
import type { DevelopmentChoices } from './contract.ts';
import { signedStops } from '../../words/fraction.ts';

/** One thing that a time was multiplied by, as it is read: "× 1.40", "push +1, a rule of thumb …". */
export interface FactorLine {
  readonly id: FactorId;
  readonly times: string;
  readonly why: string;
}

/** N+1, N−2. */
export const contrastName = (n: number) =>
  n === 0 ? 'normal contrast' : `N${n > 0 ? '+' : '−'}${Math.abs(n)}`;

/** Everything a recipe's time was multiplied by, a line each, with its reason. */
export function factorLines(
  recipe: FilmRecipe,
  development: Development,
  choices: DevelopmentChoices,
): FactorLine[] {
  const { ruleOfThumbStops: stops } = development;
  const why: Record<FactorId, () => string> = {
    clock: () => 'the recipe’s times were taken on a wrong clock',
    push: () => `${stops > 0 ? 'push' : 'pull'} ${signedStops(stops)}: no recipe is for this speed`,
    agitation: () =>
      `${agitationScheme(choices.agitation ?? recipe.agitation).name}, the recipe ${agitationScheme(recipe.agitation).name}`,
    reuse: () =>
      `${Number((choices.rollsBefore ?? 0).toFixed(2))} rolls before this one, ${growsBy(recipe.reuse) ?? ''}`,
    contrast: () => `${contrastName(choices.n ?? 0)}, as the recipe has it`,
  };
  return development.factors.map(({ id, factor, ruleOfThumb }) => ({
    id,
    times: `× ${factor.toFixed(2)}`,
    why: `${why[id]()}${ruleOfThumb ? ' (a rule of thumb)' : ''}`,
  }));
}
