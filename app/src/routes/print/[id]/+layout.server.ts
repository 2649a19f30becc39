import { error } from '@sveltejs/kit';
import { printsInHand } from '$lib/nouns/in-hand/store.server.ts';
import { benchFor } from '$lib/stages/print/load.server.ts';
import { forPage, pageId } from '$lib/server/page.ts';

export async function load({ params, depends }) {
  depends('katachron:print');
  const id = pageId(params, 'print in hand');
  return forPage(async () => {
    const inHand = await printsInHand.find(id);
    if (!inHand) error(404, 'There is no print in hand with this id.');
    return { inHand, bench: await benchFor(inHand.draft.paper, id) };
  });
}
