import { readRecipes } from '$lib/nouns/recipe/file/csv.ts';
import { RecipeFileFrame } from '$lib/nouns/recipe/file/file.ts';
import { readText } from '$lib/kit/read-text.ts';
import { answer, api, readBody } from '$lib/server/api.ts';
import { bodyBytes } from '$lib/server/body.ts';
import { exchange } from '$lib/nouns/recipe/exchange.server.ts';

/** A file of recipes, CSV or JSON. Without `keep` it is only a preview. */
export const POST = api(async ({ request, url }) => {
  const csv = (request.headers.get('content-type') ?? '').startsWith('text/csv');
  const { read, problems } = csv
    ? readRecipes(readText(await bodyBytes(request)).text)
    : {
        // In JSON a recipe is named by its place, as a line is in CSV.
        read: (await readBody(request, RecipeFileFrame)).recipes.map((value, place) => ({
          line: place + 1,
          value: value as Record<string, unknown>,
        })),
        problems: [],
      };
  const keep = url.searchParams.has('keep');
  return answer(await exchange(read, problems, { keep, replace: url.searchParams.has('replace') }));
});
