import { error } from '@sveltejs/kit';
import { idFrom } from '$lib/server/api.ts';
import { forPage } from '$lib/server/page.ts';
import { shelfStores } from '$lib/server/repositories/shelves.ts';

export async function load({ params }) {
  if (params.id === 'new') return { paper: undefined };
  const id = idFrom(params);
  const paper = await forPage(() => shelfStores.papers.find(id));
  if (!paper) error(404, 'There is no paper with this id.');
  return { paper };
}
