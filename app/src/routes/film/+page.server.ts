import { usualFilmKinds } from '@katachron/core';
import { FilmDraft } from '$lib/contract/drafts.ts';
import { withAddress } from '$lib/film/take.ts';
import { kept } from '$lib/server/kept.ts';
import { forPage } from '$lib/server/page.ts';
import { recipes } from '$lib/server/repositories/recipes.ts';
import { rolls } from '$lib/server/repositories/rolls.ts';
import { shelfStores } from '$lib/server/repositories/shelves.ts';
import { tankLesson } from '$lib/server/tank-lesson.ts';
import { cookieNames } from '$lib/ui/cookie.ts';

const emptyDraft: FilmDraft = {
  title: '',
  recipeId: '',
  exposureIndex: '',
  temperature: '',
  volume: '600',
  kinds: [...usualFilmKinds],
  times: {},
};

export async function load({ cookies, depends, url }) {
  depends('katachron:film');
  const left = { ...emptyDraft, ...kept(cookies, cookieNames.film, FilmDraft) };
  return forPage(async () => {
    const [all, tanks, procedures, waiting] = await Promise.all([
      recipes.all(),
      shelfStores.tanks.all(),
      shelfStores.procedures.all(),
      rolls.waiting(),
    ]);
    const draft = withAddress(left, url.searchParams, all, waiting);
    const chosen = all.find(({ id }) => id === draft.recipeId) ?? all[0];
    const [judged, lesson] = await Promise.all([
      chosen ? rolls.judged(chosen.film, chosen.developer) : [],
      tanks.some(({ id }) => id === draft.tankId) ? tankLesson(draft.tankId ?? '') : undefined,
    ]);
    return { recipes: all, tanks, procedures, waiting, judged, lesson, draft };
  });
}
