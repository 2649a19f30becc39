import type { FilmDraft } from './draft.ts';
import type { Recipe } from '../../nouns/recipe/contract.ts';
import { type Roll } from '../../nouns/roll/contract.ts';
import { filmOf } from '../../nouns/roll/film-of.ts';
import { clockTime } from '../../words/duration.ts';

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

const plainName = (film: string) => film.trim().replace(/\s+/g, ' ').toLowerCase();

/** The recipes that a roll may be developed by: those for its film; any, while no roll was chosen. */
export function recipesFor(recipes: readonly Recipe[], roll: Roll | undefined): readonly Recipe[] {
  if (!roll) return recipes;
  const film = plainName(filmOf(roll).film);
  return recipes.filter((recipe) => plainName(recipe.film) === film);
}

/** The recipe in force: the one chosen, as long as it is for the film; otherwise the nearest in speed; none where there is none. */
export function recipeOf(
  draft: Pick<FilmDraft, 'recipeId'>,
  recipes: readonly Recipe[],
  roll: Roll | undefined,
): Recipe | undefined {
  const fitting = recipesFor(recipes, roll);
  const chosen = fitting.find(({ id }) => id === draft.recipeId);
  return chosen ?? (roll ? nearest(fitting, roll.exposureIndex) : fitting[0]);
}

/** The draft with an exposed roll: its name, speed and format, and a recipe for its film where there is one. */
export function withRoll(draft: FilmDraft, roll: Roll, recipes: readonly Recipe[]): FilmDraft {
  const before = recipes.find(({ id }) => id === draft.recipeId);
  const fitting = recipeOf(draft, recipes, roll);
  const same = fitting !== undefined && fitting.id === before?.id;
  return {
    ...(same ? draft : withRecipe(draft, fitting?.id ?? '')),
    rollId: roll.id,
    title: roll.title,
    exposureIndex: String(roll.exposureIndex),
    ...(roll.exposed && { format: roll.exposed.format }),
  };
}

/** The draft after its roll has gone to the sink: the next one has another name. */
export function withoutGone(draft: FilmDraft, waiting: readonly Roll[]): FilmDraft {
  const gone = draft.rollId && !waiting.some(({ id }) => id === draft.rollId);
  return gone ? { ...draft, rollId: '', title: '', exposureIndex: '', fromLast: true } : draft;
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
