import { error } from '@sveltejs/kit';
import { shelfStores } from '$lib/nouns/shelves.server.ts';
import { forPage, pageId } from '$lib/server/page.ts';

export async function load({ params }) {
  const id = pageId(params, 'print of two negatives');
  const [print, enlargers, papers] = await forPage(() =>
    Promise.all([
      shelfStores['two-negatives'].find(id),
      shelfStores.enlargers.all(),
      shelfStores.papers.all(),
    ]),
  );
  if (!print) error(404, 'There is no print of two negatives with this id.');
  return { print, enlargers, papers };
}
