import { forPage } from '$lib/server/page.ts';
import { recipes } from '$lib/nouns/recipe/store.server.ts';

export const load = async () => ({ recipes: await forPage(() => recipes.all()) });
