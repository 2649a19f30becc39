import { entriesOf } from '$lib/nouns/bath/entries.server.ts';
import { bathLabels } from '$lib/nouns/bath/paper/labels.server.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';
import { api, notFound } from '$lib/server/api.ts';

/** Labels of the baths that stand, or of those named by `only`. */
export const GET = api(async ({ url }) => {
  const only = url.searchParams.getAll('only');
  const baths = (await shelfStores.baths.all()).filter(({ id, discardedAtMs }) =>
    only.length > 0 ? only.includes(id) : discardedAtMs === undefined,
  );
  if (only.length > 0 && baths.length === 0) return notFound('bath');
  const entries = await entriesOf(baths.map(({ id }) => id));
  const pdf = await bathLabels(baths, entries, Date.now(), url.origin);
  return new Response(pdf as Uint8Array<ArrayBuffer>, {
    headers: {
      'content-type': 'application/pdf',
      'content-disposition': 'attachment; filename="labels.pdf"',
      'cache-control': 'no-store',
    },
  });
});
