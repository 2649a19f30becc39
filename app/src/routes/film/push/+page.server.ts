import { forPage } from '$lib/server/page.ts';
import { ownCurve, ownCurves } from '$lib/nouns/calibration/own-curves.ts';
import { filmsOf, underFilmsNow } from '$lib/nouns/recipe/films.ts';
import { nameNow } from '$lib/words/called.ts';
import { recipes } from '$lib/nouns/recipe/store.server.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

/** How far the page explains: from a pull of two stops to a push of three. */
const LEAST = -2;
const MOST = 3;

export async function load({ url }) {
  const asked = Math.round(Number(url.searchParams.get('stops') ?? 1));
  const stops = Number.isFinite(asked) ? Math.min(MOST, Math.max(LEAST, asked)) : 1;
  const [calibrations, known] = await forPage(() =>
    Promise.all([shelfStores.calibrations.all(), recipes.all()]),
  );
  const films = filmsOf(known);
  const curves = ownCurves(underFilmsNow(calibrations, films));
  const film = nameNow(films, url.searchParams.get('film') ?? '');
  return {
    ...{ stops, least: LEAST, most: MOST, curves },
    film: ownCurve(curves, film)?.film ?? '',
  };
}
