import { error } from '@sveltejs/kit';
import { idFrom } from '$lib/server/api.ts';
import { forPage } from '$lib/server/page.ts';
import { recipes } from '$lib/server/repositories/recipes.ts';

export async function load({ params }) {
  const [recipe, all] = await forPage(() =>
    Promise.all([recipes.find(idFrom(params)), recipes.all()]),
  );
  if (!recipe) error(404, 'There is no recipe with this id.');
  return { recipe, recipes: all };
}
