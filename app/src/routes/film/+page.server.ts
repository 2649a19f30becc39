import { usualFilmKinds } from '@katachron/core';
import { FilmDraft } from '$lib/stages/film/draft.ts';
import { recipeOf } from '$lib/nouns/recipe/for-roll.ts';
import { withAddress, withoutGone } from '$lib/stages/film/take.ts';
import { kept } from '$lib/server/kept.ts';
import { forPage } from '$lib/server/page.ts';
import { bathsNow } from '$lib/nouns/bath/standing.server.ts';
import { ownCurves } from '$lib/nouns/calibration/own-curves.ts';
import { filmsOf, underFilmsNow } from '$lib/nouns/recipe/films.ts';
import { recipes } from '$lib/nouns/recipe/store.server.ts';
import { rolls } from '$lib/nouns/roll/store.server.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';
import { tankLesson } from '$lib/nouns/tank/lesson.server.ts';
import { cookieNames } from '$lib/kit/cookie.ts';

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
    const [all, tanks, procedures, waiting, standing, substances, tests] = await Promise.all([
      recipes.all(),
      shelfStores.tanks.all(),
      shelfStores.procedures.all(),
      rolls.waiting(),
      bathsNow(Date.now()),
      shelfStores.substances.all(),
      shelfStores.calibrations.all(),
    ]);
    const draft = withAddress(withoutGone(left, waiting), url.searchParams, all, waiting);
    const roll = waiting.find(({ id }) => id === draft.rollId);
    const chosen = recipeOf(draft, all, roll);
    const [judged, lesson] = await Promise.all([
      chosen ? rolls.judged(chosen.film, chosen.developer) : [],
      tanks.some(({ id }) => id === draft.tankId) ? tankLesson(draft.tankId ?? '') : undefined,
    ]);
    return {
      recipes: all,
      tanks,
      procedures,
      waiting,
      judged,
      lesson,
      draft,
      standing,
      substances,
      curves: ownCurves(underFilmsNow(tests, filmsOf(all))),
    };
  });
}
