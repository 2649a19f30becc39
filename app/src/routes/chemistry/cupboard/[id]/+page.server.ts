import { error } from '@sveltejs/kit';
import { shelfStores } from '$lib/nouns/shelves.server.ts';
import { forPage, pageId } from '$lib/server/page.ts';

export async function load({ params }) {
  const nowMs = Date.now();
  if (params.id === 'new') return { substance: undefined, nowMs };
  const id = pageId(params, 'substance');
  const substance = await forPage(() => shelfStores.substances.find(id));
  if (!substance) error(404, 'There is no substance with this id.');
  return { substance, nowMs };
}
