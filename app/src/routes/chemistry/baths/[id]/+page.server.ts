import { error } from '@sveltejs/kit';
import { forPage, pageId } from '$lib/server/page.ts';
import { entriesOf } from '$lib/nouns/bath/entries.server.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

export async function load({ params }) {
  const id = pageId(params, 'bath');
  const [bath, entries] = await forPage(() =>
    Promise.all([shelfStores.baths.find(id), entriesOf([id])]),
  );
  if (!bath) error(404, 'There is no bath with this id.');
  return { bath, entries: entries[id] ?? [], nowMs: Date.now() };
}
