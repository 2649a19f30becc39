import { error } from '@sveltejs/kit';
import { forPage, pageId } from '$lib/server/page.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

export async function load({ params }) {
  const holders = await forPage(() => shelfStores.holders.all());
  if (params.id === 'new') return { holders, holder: undefined };
  const id = pageId(params, 'holder');
  const holder = holders.find((one) => one.id === id);
  if (!holder) error(404, 'There is no holder with this id.');
  return { holders, holder };
}
