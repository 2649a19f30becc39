import { forPage } from '$lib/server/page.ts';
import { recipes } from '$lib/server/repositories/recipes.ts';

export const load = async () => ({ recipes: await forPage(() => recipes.all()) });
