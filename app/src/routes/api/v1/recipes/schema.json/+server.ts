import { RecipeFile } from '$lib/nouns/recipe/file/file.ts';
import { answer } from '$lib/server/api.ts';

/** The schema that a file of recipes is checked by. */
export const GET = () =>
  answer({ $schema: 'https://json-schema.org/draft/2020-12/schema', ...RecipeFile }, 200, {
    'content-type': 'application/schema+json',
  });
