import { error } from '@sveltejs/kit';
import { forPage, pageId } from '$lib/server/page.ts';
import { prints } from '$lib/nouns/print/store.server.ts';

export async function load({ params }) {
  const print = await forPage(() => prints.find(pageId(params, 'print')));
  if (!print) error(404, 'There is no print with this id.');
  return { print };
}
