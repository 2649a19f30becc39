import { FilmDraft } from '$lib/contract/drafts.ts';
import { kept } from '$lib/server/kept.ts';
import { forPage } from '$lib/server/page.ts';
import { recipes } from '$lib/server/repositories/recipes.ts';
import { cookieNames } from '$lib/ui/cookie.ts';
import { usualFilmKinds } from '@katachron/core';

const emptyDraft: FilmDraft = {
  title: '',
  recipeId: '',
  exposureIndex: '',
  temperature: '',
  volume: '600',
  kinds: usualFilmKinds.filter((kind) => kind !== 'developer'),
  times: {},
};

export async function load({ cookies }) {
  return {
    recipes: await forPage(() => recipes.all()),
    draft: { ...emptyDraft, ...kept(cookies, cookieNames.film, FilmDraft) },
  };
}
