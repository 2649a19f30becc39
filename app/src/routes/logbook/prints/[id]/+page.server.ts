import { error } from '@sveltejs/kit';
import { printsInHand } from '$lib/nouns/in-hand/store.server.ts';
import { prints } from '$lib/nouns/print/store.server.ts';
import { forPage, pageId } from '$lib/server/page.ts';

export async function load({ params }) {
  const id = pageId(params, 'print');
  const [print, inHand] = await forPage(() =>
    Promise.all([prints.find(id), printsInHand.find(id)]),
  );
  if (!print) error(404, 'There is no print with this id.');
  return { print, inHand };
}
