import { Refusal } from '@katachron/core';
import { RecipeBody } from '$lib/nouns/recipe/contract.ts';
import { removal, resource } from '$lib/server/api.ts';
import { recipes } from '$lib/nouns/recipe/store.server.ts';
import { recipeQuestion } from '$lib/nouns/recipe/question.ts';

/** A table that contradicts itself is asked about here as in the form. */
const asked: typeof recipes.put = (id, body, basedOn) => {
  const question = recipeQuestion(body);
  if (question) {
    throw new Refusal(
      'table',
      '/points',
      `${question} If it is meant so, send tableMeant as true.`,
    );
  }
  return recipes.put(id, body, basedOn);
};

export const { GET, PUT } = resource('recipe', RecipeBody, { ...recipes, put: asked });
export const DELETE = removal('recipe', recipes);
