import { error } from '@sveltejs/kit';
import { forPage, pageId } from '$lib/server/page.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

export async function load({ params }) {
  if (params.id === 'new') return { vessel: undefined };
  const id = pageId(params, 'vessel');
  const vessel = await forPage(() => shelfStores.vessels.find(id));
  if (!vessel) error(404, 'There is no vessel with this id.');
  return { vessel };
}
