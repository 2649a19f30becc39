import { answer, api } from '$lib/server/api.ts';
import { recipes } from '$lib/server/repositories/recipes.ts';

export const GET = api(async () => answer({ recipes: await recipes.all() }));
