import { RecipeFile } from '$lib/nouns/recipe/file/file.ts';
import { answer } from '$lib/server/api.ts';
import { schemaFile } from '$lib/server/published-schema.ts';

/** The schema that a file of recipes is checked by. */
export const GET = () =>
  answer(schemaFile(RecipeFile), 200, {
    'content-type': 'application/schema+json',
  });
