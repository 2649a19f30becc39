import { entriesOf } from '$lib/nouns/bath/entries.server.ts';
import { discardCalendar } from '$lib/nouns/bath/paper/calendar.server.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';
import { api } from '$lib/server/api.ts';

export const GET = api(async () => {
  const baths = await shelfStores.baths.all();
  const entries = await entriesOf(baths.map(({ id }) => id));
  return new Response(discardCalendar(baths, entries, Date.now()), {
    headers: {
      'content-type': 'text/calendar; charset=utf-8',
      'content-disposition': 'attachment; filename="discard.ics"',
      'cache-control': 'no-store',
    },
  });
});
