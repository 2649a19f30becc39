import { shelfStores } from '$lib/nouns/shelves.server.ts';
import { forPage } from '$lib/server/page.ts';

export async function load({ url }) {
  const substances = await forPage(() => shelfStores.substances.all());
  const of = substances.find(({ id }) => id === url.searchParams.get('of'));
  return { nowMs: Date.now(), substances, of };
}
