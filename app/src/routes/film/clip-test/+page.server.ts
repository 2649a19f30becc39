import { forPage } from '$lib/server/page.ts';
import { shelfStores } from '$lib/server/repositories/shelves.ts';

export const load = async () => ({ baths: await forPage(() => shelfStores.baths.all()) });
