import { developedTests } from '$lib/nouns/calibration/kinds/index.ts';
import { sameName } from '$lib/words/same-name.ts';
import { filmsOf } from '$lib/nouns/recipe/films.ts';
import { nameNow } from '$lib/words/called.ts';
import { recipes } from '$lib/nouns/recipe/store.server.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';
import { forPage } from '$lib/server/page.ts';

/** What a test of Calibrate knows of its film already stands in the form. */
export async function load({ url }) {
  const asked = (name: string) => (url.searchParams.get(name) ?? '').slice(0, 80);
  const [film, exposureIndex, test] = [asked('film'), asked('ei'), asked('test')];
  const [holders, known] = await forPage(() =>
    Promise.all([shelfStores.holders.all(), film === '' ? [] : recipes.all()]),
  );
  const boxSpeed = known.find((recipe) =>
    sameName(recipe.film, nameNow(filmsOf(known), film)),
  )?.boxSpeed;
  return {
    holders,
    begun: developedTests.includes(test)
      ? {
          ...{ film, exposureIndex, test, boxSpeed: String(boxSpeed ?? exposureIndex) },
          title: film === '' ? '' : `Test of ${film}`,
        }
      : {},
  };
}
