import type { ShelfName } from '$lib/nouns/shelf-names.ts';
import { answer, api } from '$lib/server/api.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

export const GET = api(async ({ params }) => {
  const name = params.shelf as ShelfName;
  return answer({ [name]: await shelfStores[name].all() });
});
