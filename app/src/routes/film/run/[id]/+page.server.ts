import { error } from '@sveltejs/kit';
import { idFrom } from '$lib/server/api.ts';
import { forPage } from '$lib/server/page.ts';
import { rolls } from '$lib/server/repositories/rolls.ts';

export async function load({ params }) {
  const run = await forPage(() => rolls.withEvents(idFrom(params)));
  if (!run) error(404, 'There is no roll with this id.');
  return { run };
}
