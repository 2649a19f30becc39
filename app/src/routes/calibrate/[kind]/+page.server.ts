import { ownCurves } from '$lib/nouns/calibration/own-curves.ts';
import { developedTests, testKindOf } from '$lib/nouns/calibration/kinds/index.ts';
import { filmsOf, underFilmsNow } from '$lib/nouns/recipe/films.ts';
import { nameNow } from '$lib/words/called.ts';
import { recipes } from '$lib/nouns/recipe/store.server.ts';
import { testRuns } from '$lib/nouns/roll/test-runs.server.ts';
import { forPage } from '$lib/server/page.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

/** What was found and made before, for the tests of a film. */
export async function load({ params, url }) {
  const fromRoll = url.searchParams.get('roll');
  if (!developedTests.includes(params.kind))
    return { found: [], runs: [], fromRoll: null, curves: [] };
  const [calibrations, runs, known] = await forPage(() =>
    Promise.all([shelfStores.calibrations.all(), testRuns(), recipes.all()]),
  );
  const films = filmsOf(known);
  return {
    found: underFilmsNow(
      calibrations.filter(({ kind }) => kind === 'reciprocity'),
      films,
    ),
    runs: runs.map((run) => ({ ...run, film: nameNow(films, run.film) })),
    fromRoll,
    curves: testKindOf(params.kind)?.known ? ownCurves(underFilmsNow(calibrations, films)) : [],
  };
}
