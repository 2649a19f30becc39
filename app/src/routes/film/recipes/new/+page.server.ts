import { forPage } from '$lib/server/page.ts';
import { recipes } from '$lib/server/repositories/recipes.ts';

/** A new recipe begins empty, or as a copy of another. */
export async function load({ url }) {
  const all = await forPage(() => recipes.all());
  return { recipes: all, from: all.find(({ id }) => id === url.searchParams.get('from')) };
}
