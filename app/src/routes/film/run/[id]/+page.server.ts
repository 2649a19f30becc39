import { error, redirect } from '@sveltejs/kit';
import { isPlanned } from '$lib/nouns/roll/film-of.ts';
import { forPage, pageId } from '$lib/server/page.ts';
import { rolls } from '$lib/nouns/roll/store.server.ts';

export async function load({ params }) {
  const id = pageId(params, 'roll');
  const found = await forPage(() => rolls.withEvents(id));
  if (!found) error(404, 'There is no roll with this id.');
  const { roll, events } = found;
  if (!isPlanned(roll)) redirect(303, `/film/rolls/${id}`);
  return { run: { roll, events } };
}
