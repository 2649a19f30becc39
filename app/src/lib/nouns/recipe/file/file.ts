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

/** A file goes elsewhere: what a recipe points at in this cupboard stays here, the developer's name goes along. */
export function recipeFile(recipes: readonly RecipeBody[]): RecipeFile {
  const elsewhere = recipes.map(({ substanceId: _here, ...recipe }) => recipe);
  return { format: FORMAT, version: 1, recipes: elsewhere };
}
