import { RecipeBody } from '$lib/contract/recipe.ts';
import { removal, resource } from '$lib/server/api.ts';
import { recipes } from '$lib/server/repositories/recipes.ts';

export const { GET, PUT } = resource('recipe', RecipeBody, recipes);
export const DELETE = removal('recipe', recipes);
