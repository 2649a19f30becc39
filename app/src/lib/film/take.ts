import type { FilmDraft } from '../contract/drafts.ts';
import type { Recipe } from '../contract/recipe.ts';
import { filmOf, type Roll } from '../contract/roll.ts';
import { clockTime } from '../words/duration.ts';

/** The draft with another recipe: what belonged to the old one is left behind. */
export function withRecipe(draft: FilmDraft, recipeId: string): FilmDraft {
  const { n: _n, ...rest } = draft;
  const { developer: _agitation, ...agitations } = draft.agitations ?? {};
  return { ...rest, recipeId, exposureIndex: '', agitations };
}

/** The recipe whose speed is nearest; of equals the first. */
function nearest(recipes: readonly Recipe[], exposureIndex: number): Recipe | undefined {
  const distance = (recipe: Recipe) => Math.abs(Math.log2(recipe.exposureIndex / exposureIndex));
  return [...recipes].sort((a, b) => distance(a) - distance(b))[0];
}

/** The draft with an exposed roll: its name, speed and format, and a recipe for its film where there is one. */
export function withRoll(draft: FilmDraft, roll: Roll, recipes: readonly Recipe[]): FilmDraft {
  const chosen = recipes.find(({ id }) => id === draft.recipeId) ?? recipes[0];
  const { film } = filmOf(roll);
  const fitting = nearest(
    recipes.filter((recipe) => recipe.film === film),
    roll.exposureIndex,
  );
  const based = fitting && chosen?.film !== film ? withRecipe(draft, fitting.id) : { ...draft };
  return {
    ...based,
    rollId: roll.id,
    title: roll.title,
    exposureIndex: String(roll.exposureIndex),
    ...(roll.exposed && { format: roll.exposed.format }),
  };
}

/** A fixing time longer than this was no clip test, s. */
const LONGEST_FIX = 36_000;

/** What another page sends along in the address: a recipe, a roll, or a fixing time in seconds. */
export function withAddress(
  draft: FilmDraft,
  query: URLSearchParams,
  recipes: readonly Recipe[],
  waiting: readonly Roll[],
): FilmDraft {
  const recipe = recipes.find(({ id }) => id === query.get('recipe'));
  const roll = waiting.find(({ id }) => id === query.get('roll'));
  const fix = Number(query.get('fix'));
  const chosen = recipe ? withRecipe(draft, recipe.id) : draft;
  const taken = roll ? withRoll(chosen, roll, recipes) : chosen;
  return fix > 0 && fix < LONGEST_FIX
    ? { ...taken, times: { ...taken.times, fix: clockTime(fix) } }
    : taken;
}
