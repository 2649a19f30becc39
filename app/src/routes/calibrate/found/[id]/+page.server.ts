import { error } from '@sveltejs/kit';
import { forPage, pageId } from '$lib/server/page.ts';
import { recipes } from '$lib/nouns/recipe/store.server.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

export async function load({ params }) {
  const id = pageId(params, 'finding');
  const [found, allRecipes, papers, enlargers] = await forPage(() =>
    Promise.all([
      shelfStores.calibrations.find(id),
      recipes.all(),
      shelfStores.papers.all(),
      shelfStores.enlargers.all(),
    ]),
  );
  if (!found) error(404, 'There is no finding with this id.');
  return { found, nowMs: Date.now(), things: { recipes: allRecipes, papers, enlargers } };
}
