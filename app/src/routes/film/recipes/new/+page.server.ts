import { forPage } from '$lib/server/page.ts';
import { recipes } from '$lib/nouns/recipe/store.server.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';
import { rolls } from '$lib/nouns/roll/store.server.ts';

/** A new recipe begins empty, as a copy of another, or with the film of a roll that waits for one. */
export async function load({ url }) {
  const [all, waiting, substances] = await forPage(() =>
    Promise.all([recipes.all(), rolls.waiting(), shelfStores.substances.all()]),
  );
  const roll = waiting.find(({ id }) => id === url.searchParams.get('roll'));
  return {
    recipes: all,
    substances,
    from: all.find(({ id }) => id === url.searchParams.get('from')),
    forRoll: roll?.exposed && {
      film: roll.exposed.film,
      boxSpeed: String(roll.exposed.boxSpeed),
      exposureIndex: String(roll.exposureIndex),
    },
  };
}
