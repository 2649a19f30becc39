import { recipeFile } from '$lib/nouns/recipe/file/file.ts';
import { answer, api } from '$lib/server/api.ts';
import { recipes } from '$lib/nouns/recipe/store.server.ts';

export const GET = api(async () => {
  const all = await recipes.all();
  const bodies = all.map(({ id: _id, version: _version, ...body }) => body);
  return answer(recipeFile(bodies), 200, {
    'content-disposition': 'attachment; filename="recipes.json"',
  });
});
