import { writeRecipes } from '$lib/nouns/recipe/file/csv.ts';
import { api } from '$lib/server/api.ts';
import { recipes } from '$lib/nouns/recipe/store.server.ts';

export const GET = api(
  async () =>
    new Response(writeRecipes(await recipes.all()), {
      headers: {
        'content-type': 'text/csv; charset=utf-8; header=present',
        'content-disposition': 'attachment; filename="recipes.csv"',
        'cache-control': 'no-store',
      },
    }),
);
