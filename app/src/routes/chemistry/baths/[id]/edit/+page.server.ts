import { error } from '@sveltejs/kit';
import { forPage, pageId } from '$lib/server/page.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

export async function load({ params }) {
  const id = pageId(params, 'bath');
  const [bath, substances] = await forPage(() =>
    Promise.all([shelfStores.baths.find(id), shelfStores.substances.all()]),
  );
  if (!bath) error(404, 'There is no bath with this id.');
  return { bath, substances, nowMs: Date.now() };
}
