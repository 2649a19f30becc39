import { error } from '@sveltejs/kit';
import { idFrom } from '$lib/server/api.ts';
import { forPage } from '$lib/server/page.ts';
import { prints } from '$lib/server/repositories/prints.ts';

export async function load({ params }) {
  const print = await forPage(() => prints.find(idFrom(params)));
  if (!print) error(404, 'There is no print with this id.');
  return { print };
}
