import { error } from '@sveltejs/kit';
import { forPage, pageId } from '$lib/server/page.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

export async function load({ params }) {
  if (params.id === 'new') return { enlarger: undefined };
  const id = pageId(params, 'enlarger');
  const enlarger = await forPage(() => shelfStores.enlargers.find(id));
  if (!enlarger) error(404, 'There is no enlarger with this id.');
  return { enlarger };
}
