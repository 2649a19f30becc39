import { entriesOf } from '$lib/nouns/bath/entries.server.ts';
import { standingBaths } from '$lib/nouns/bath/standing.ts';
import { recipes } from '$lib/nouns/recipe/store.server.ts';
import { rolls } from '$lib/nouns/roll/store.server.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';
import { forPage } from '$lib/server/page.ts';

export async function load() {
  return forPage(async () => {
    const nowMs = Date.now();
    const [substances, baths, waiting, all] = await Promise.all([
      shelfStores.substances.all(),
      shelfStores.baths.all(),
      rolls.waiting(),
      recipes.all(),
    ]);
    const looked = substances.flatMap(({ haveAtMs }) => haveAtMs ?? []);
    const [entries, developed] = await Promise.all([
      entriesOf(baths.map(({ id }) => id)),
      looked.length > 0 ? rolls.startedSince(Math.min(...looked)) : [],
    ]);
    const stands = standingBaths(baths, entries, nowMs);
    return { nowMs, substances, baths, entries, developed, waiting, recipes: all, stands };
  });
}
