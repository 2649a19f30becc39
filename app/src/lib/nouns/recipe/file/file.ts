import Type, { type Static } from 'typebox';
import { RecipeBody } from '../contract.ts';

/** What the first field of a recipe file says. */
const FORMAT = 'katachron-recipes';

/** A file of recipes as JSON; its schema is published beside it. */
export const RecipeFile = Type.Object(
  {
    format: Type.Literal(FORMAT),
    version: Type.Literal(1),
    recipes: Type.Array(RecipeBody, { title: 'The recipes', maxItems: 5000 }),
  },
  { title: 'A file of recipes' },
);
export type RecipeFile = Static<typeof RecipeFile>;

/** Only its frame; each recipe in it is checked by itself, so that a bad one does not shut the others out. */
export const RecipeFileFrame = Type.Object(
  {
    ...RecipeFile.properties,
    recipes: Type.Array(Type.Unknown(), { title: 'The recipes', maxItems: 5000 }),
  },
  { title: 'A file of recipes' },
);

export function recipeFile(recipes: readonly RecipeBody[]): RecipeFile {
  return { format: FORMAT, version: 1, recipes: [...recipes] };
}
