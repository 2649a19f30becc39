import { error } from '@sveltejs/kit';
import { idFrom } from '$lib/server/api.ts';
import { forPage } from '$lib/server/page.ts';
import { shelfStores } from '$lib/server/repositories/shelves.ts';

export async function load({ params }) {
  if (params.id === 'new') return { enlarger: undefined };
  const id = idFrom(params);
  const enlarger = await forPage(() => shelfStores.enlargers.find(id));
  if (!enlarger) error(404, 'There is no enlarger with this id.');
  return { enlarger };
}
