import { recipeFile } from '$lib/formats/recipes/file.ts';
import { answer, api } from '$lib/server/api.ts';
import { recipes } from '$lib/server/repositories/recipes.ts';

export const GET = api(async () => {
  const all = await recipes.all();
  const bodies = all.map(({ id: _id, version: _version, ...body }) => body);
  return answer(recipeFile(bodies), 200, {
    'content-disposition': 'attachment; filename="recipes.json"',
  });
});
