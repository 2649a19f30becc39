import { error, redirect } from '@sveltejs/kit';
import { idFrom } from '$lib/server/api.ts';
import { forPage } from '$lib/server/page.ts';
import { rolls } from '$lib/server/repositories/rolls.ts';
import { shelfStores } from '$lib/server/repositories/shelves.ts';

export async function load({ params }) {
  const [roll, holders] = await forPage(() =>
    Promise.all([rolls.find(idFrom(params)), shelfStores.holders.all()]),
  );
  if (!roll) error(404, 'There is no roll with this id.');
  if (!roll.exposed) redirect(303, `/logbook/rolls/${roll.id}`);
  return { roll, holders };
}
