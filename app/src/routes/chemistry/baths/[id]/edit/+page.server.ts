import { error } from '@sveltejs/kit';
import { forPage, pageId } from '$lib/server/page.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

export async function load({ params }) {
  const id = pageId(params, 'bath');
  const bath = await forPage(() => shelfStores.baths.find(id));
  if (!bath) error(404, 'There is no bath with this id.');
  return { bath, nowMs: Date.now() };
}
