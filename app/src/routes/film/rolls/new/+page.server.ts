import { forPage } from '$lib/server/page.ts';
import { shelfStores } from '$lib/server/repositories/shelves.ts';

export const load = async () => ({ holders: await forPage(() => shelfStores.holders.all()) });
