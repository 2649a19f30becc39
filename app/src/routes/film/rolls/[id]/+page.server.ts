import { error, redirect } from '@sveltejs/kit';
import { forPage, pageId } from '$lib/server/page.ts';
import { rolls } from '$lib/nouns/roll/store.server.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

export async function load({ params }) {
  const [roll, holders] = await forPage(() =>
    Promise.all([rolls.find(pageId(params, 'roll')), shelfStores.holders.all()]),
  );
  if (!roll) error(404, 'There is no roll with this id.');
  if (!roll.exposed) redirect(303, `/logbook/rolls/${roll.id}`);
  return { roll, holders };
}
