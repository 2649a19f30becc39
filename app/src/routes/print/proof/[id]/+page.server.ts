import { error } from '@sveltejs/kit';
import { idFrom } from '$lib/server/api.ts';
import { forPage } from '$lib/server/page.ts';
import { printPage } from '$lib/server/print-page.ts';
import { rolls } from '$lib/server/repositories/rolls.ts';
import { shelfStores } from '$lib/server/repositories/shelves.ts';

export async function load({ cookies, params }) {
  const id = idFrom(params);
  const [roll, proof] = await forPage(() =>
    Promise.all([rolls.find(id), shelfStores.proofs.find(id)]),
  );
  if (!roll) error(404, 'There is no roll with this id.');
  return { roll, proof, draft: (await printPage(cookies)).draft };
}
