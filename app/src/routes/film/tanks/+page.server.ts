import { forPage } from '$lib/server/page.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

export const load = () =>
  forPage(async () => {
    const [tanks, holders] = await Promise.all([
      shelfStores.tanks.all(),
      shelfStores.holders.all(),
    ]);
    return { tanks, holders };
  });
