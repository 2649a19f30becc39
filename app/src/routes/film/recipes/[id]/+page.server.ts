import { error } from '@sveltejs/kit';
import { forPage, pageId } from '$lib/server/page.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';
import { recipes } from '$lib/nouns/recipe/store.server.ts';

export async function load({ params }) {
  const [recipe, all, substances] = await forPage(() =>
    Promise.all([
      recipes.find(pageId(params, 'recipe')),
      recipes.all(),
      shelfStores.substances.all(),
    ]),
  );
  if (!recipe) error(404, 'There is no recipe with this id.');
  return { recipe, recipes: all, substances };
}
