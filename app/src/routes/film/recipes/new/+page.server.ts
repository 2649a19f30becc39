import { forPage } from '$lib/server/page.ts';
import type { Calibration } from '$lib/nouns/calibration/contract.ts';
import { recipes } from '$lib/nouns/recipe/store.server.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';
import { rolls } from '$lib/nouns/roll/store.server.ts';

/** What a test of a film knows of it that a recipe asks for. */
function known({ given }: Calibration) {
  const { film, exposedAt } = given as { film?: unknown; exposedAt?: unknown };
  return {
    ...(typeof film === 'string' && { film }),
    ...(typeof exposedAt === 'number' && { exposureIndex: String(exposedAt) }),
  };
}

/** A new recipe begins empty, as a copy of another, or with the film of a test, or of a roll that waits for one. */
export async function load({ url }) {
  const [all, waiting, substances, tests] = await forPage(() =>
    Promise.all([
      recipes.all(),
      rolls.waiting(),
      shelfStores.substances.all(),
      shelfStores.calibrations.all(),
    ]),
  );
  const test = tests.find(({ id }) => id === url.searchParams.get('test'));
  const roll = waiting.find(({ id }) => id === url.searchParams.get('roll'));
  return {
    recipes: all,
    substances,
    from: all.find(({ id }) => id === url.searchParams.get('from')),
    given: roll?.exposed
      ? {
          film: roll.exposed.film,
          boxSpeed: String(roll.exposed.boxSpeed),
          exposureIndex: String(roll.exposureIndex),
        }
      : test && known(test),
  };
}
