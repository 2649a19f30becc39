import { entriesOf } from '$lib/nouns/bath/entries.server.ts';
import { writeLedger } from '$lib/nouns/bath/paper/csv.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';
import { api } from '$lib/server/api.ts';

export const GET = api(async () => {
  const baths = await shelfStores.baths.all();
  const entries = await entriesOf(baths.map(({ id }) => id));
  return new Response(writeLedger(baths, entries), {
    headers: {
      'content-type': 'text/csv; charset=utf-8; header=present',
      'content-disposition': 'attachment; filename="baths.csv"',
      'cache-control': 'no-store',
    },
  });
});
