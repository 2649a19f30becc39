import { forPage } from '$lib/server/page.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

export async function load() {
  return { comparisons: await forPage(() => shelfStores.comparisons.all()) };
}
