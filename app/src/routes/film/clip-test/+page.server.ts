import { forPage } from '$lib/server/page.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

export const load = async () => ({ baths: await forPage(() => shelfStores.baths.all()) });
