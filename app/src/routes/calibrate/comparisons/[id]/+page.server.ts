import { error } from '@sveltejs/kit';
import { forPage, pageId } from '$lib/server/page.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

export async function load({ params }) {
  if (params.id === 'new') return { comparison: undefined };
  const id = pageId(params, 'comparison');
  const comparison = await forPage(() => shelfStores.comparisons.find(id));
  if (!comparison) error(404, 'There is no comparison with this id.');
  return { comparison };
}
