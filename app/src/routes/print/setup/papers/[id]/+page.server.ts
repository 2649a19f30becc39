import { error } from '@sveltejs/kit';
import { forPage, pageId } from '$lib/server/page.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

export async function load({ params }) {
  if (params.id === 'new') return { paper: undefined };
  const id = pageId(params, 'paper');
  const paper = await forPage(() => shelfStores.papers.find(id));
  if (!paper) error(404, 'There is no paper with this id.');
  return { paper };
}
