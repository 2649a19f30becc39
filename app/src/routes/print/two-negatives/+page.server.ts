import { shelfStores } from '$lib/nouns/shelves.server.ts';
import { forPage } from '$lib/server/page.ts';

export const load = async () => ({
  prints: await forPage(() => shelfStores['two-negatives'].all()),
});
