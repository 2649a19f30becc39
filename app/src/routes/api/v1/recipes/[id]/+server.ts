import { RecipeBody } from '$lib/contract/recipe.ts';
import { resource } from '$lib/server/api.ts';
import { recipes } from '$lib/server/repositories/recipes.ts';

export const { GET, PUT } = resource('recipe', RecipeBody, recipes);
