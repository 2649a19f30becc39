import { error } from '@sveltejs/kit';
import { forPage, pageId } from '$lib/server/page.ts';
import { printPage } from '$lib/stages/print/load.server.ts';
import { rolls } from '$lib/nouns/roll/store.server.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

export async function load({ cookies, params }) {
  const id = pageId(params, 'roll');
  const [roll, proof] = await forPage(() =>
    Promise.all([rolls.find(id), shelfStores.proofs.find(id)]),
  );
  if (!roll) error(404, 'There is no roll with this id.');
  return { roll, proof, draft: (await printPage(cookies)).draft };
}
