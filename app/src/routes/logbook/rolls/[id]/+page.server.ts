import { frameParts } from '$lib/nouns/proof/cells.ts';
import { ownCurve, ownCurves } from '$lib/nouns/calibration/own-curves.ts';
import { testKindOf } from '$lib/nouns/calibration/kinds/index.ts';
import { filmsOf, underFilmsNow } from '$lib/nouns/recipe/films.ts';
import { nameNow } from '$lib/words/called.ts';
import { recipes } from '$lib/nouns/recipe/store.server.ts';
import { filmOf } from '$lib/nouns/roll/film-of.ts';
import { forPage } from '$lib/server/page.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';
import { printsOfRoll } from '$lib/stages/logbook/history.server.ts';
import { load as loadRun } from '../../../film/run/[id]/+page.server.ts';

export async function load(event: Parameters<typeof loadRun>[0]) {
  const { run } = await loadRun(event);
  const [prints, proof, calibrations, known] = await forPage(() =>
    Promise.all([
      printsOfRoll(run.roll),
      shelfStores.proofs.find(run.roll.id),
      shelfStores.calibrations.all(),
      recipes.all(),
    ]),
  );
  const films = filmsOf(known);
  const film = nameNow(films, filmOf(run.roll).film);
  const curve = ownCurve(ownCurves(underFilmsNow(calibrations, films)), film)?.character;
  const tests = calibrations
    .filter(({ runs }) => runs?.some(({ id }) => id === run.roll.id))
    .map(({ id, name, kind }) => ({ id, name: `${testKindOf(kind)?.name ?? kind}: ${name}` }));
  return { run, prints, tests, curve, parts: Object.fromEntries(frameParts(proof?.picture)) };
}
