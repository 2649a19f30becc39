import { forPage } from '$lib/server/page.ts';
import { entriesOf } from '$lib/nouns/bath/entries.server.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

export async function load() {
  return forPage(async () => {
    const baths = await shelfStores.baths.all();
    return { baths, entries: await entriesOf(baths.map(({ id }) => id)), nowMs: Date.now() };
  });
}
