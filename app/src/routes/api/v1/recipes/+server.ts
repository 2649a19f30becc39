import { answer, api } from '$lib/server/api.ts';
import { recipes } from '$lib/nouns/recipe/store.server.ts';

export const GET = api(async () => answer({ recipes: await recipes.all() }));
