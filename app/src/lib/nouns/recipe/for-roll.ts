import type { Roll } from '../roll/contract.ts';
import { filmOf } from '../roll/film-of.ts';
import { filmsOf } from './films.ts';
import { nameNow } from '../../words/called.ts';
import type { Recipe } from './contract.ts';

/** The recipe whose speed is nearest; of equals the first. */
function nearest(recipes: readonly Recipe[], exposureIndex: number): Recipe | undefined {
  const distance = (recipe: Recipe) => Math.abs(Math.log2(recipe.exposureIndex / exposureIndex));
  return [...recipes].sort((a, b) => distance(a) - distance(b))[0];
}

const plainName = (film: string) => film.trim().replace(/\s+/g, ' ').toLowerCase();

/** The recipes that a roll may be developed by: those for its film; any, while no roll was chosen. */
export function recipesFor(recipes: readonly Recipe[], roll: Roll | undefined): readonly Recipe[] {
  if (!roll) return recipes;
  const film = plainName(filmOf(roll).film);
  const now = plainName(nameNow(filmsOf(recipes), film));
  return recipes.filter((recipe) => [film, now].includes(plainName(recipe.film)));
}

/** The recipe in force: the one chosen, as long as it is for the film; otherwise the nearest in speed; none where there is none. */
export function recipeOf(
  draft: { readonly recipeId: string },
  recipes: readonly Recipe[],
  roll: Roll | undefined,
): Recipe | undefined {
  const fitting = recipesFor(recipes, roll);
  const chosen = fitting.find(({ id }) => id === draft.recipeId);
  return chosen ?? (roll ? nearest(fitting, roll.exposureIndex) : fitting[0]);
}
