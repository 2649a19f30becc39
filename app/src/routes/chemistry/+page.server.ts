import { forPage } from '$lib/server/page.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

export async function load() {
  return { vessels: await forPage(() => shelfStores.vessels.all()), nowMs: Date.now() };
}
