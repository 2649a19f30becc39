import { error, redirect } from '@sveltejs/kit';
import { isPlanned } from '$lib/contract/roll.ts';
import { idFrom } from '$lib/server/api.ts';
import { forPage } from '$lib/server/page.ts';
import { rolls } from '$lib/server/repositories/rolls.ts';

export async function load({ params }) {
  const id = idFrom(params);
  const found = await forPage(() => rolls.withEvents(id));
  if (!found) error(404, 'There is no roll with this id.');
  const { roll, events } = found;
  if (!isPlanned(roll)) redirect(303, `/film/rolls/${id}`);
  return { run: { roll, events } };
}
