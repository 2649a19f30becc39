import type { FilmDraft } from './draft.ts';
import type { Recipe } from '../../nouns/recipe/contract.ts';
import { recipeOf } from '../../nouns/recipe/for-roll.ts';
import { type Roll } from '../../nouns/roll/contract.ts';
import { clockTime } from '../../words/duration.ts';

/** The draft with another recipe: what belonged to the old one is left behind. */
export function withRecipe(draft: FilmDraft, recipeId: string): FilmDraft {
  const { n: _n, ...rest } = draft;
  const { developer: _agitation, ...agitations } = draft.agitations ?? {};
  return { ...rest, recipeId, exposureIndex: '', agitations };
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
