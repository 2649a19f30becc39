import { shelfStores } from '$lib/nouns/shelves.server.ts';
import { forPage } from '$lib/server/page.ts';

export const load = async () => {
  const [prints, enlargers] = await forPage(() =>
    Promise.all([shelfStores['colour-prints'].all(), shelfStores.enlargers.all()]),
  );
  return { prints, enlargers };
};
