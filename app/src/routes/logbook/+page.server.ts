import { logbookQuery } from '$lib/stages/logbook/query.server.ts';
import { forPage } from '$lib/server/page.ts';
import { logbookPage } from '$lib/stages/logbook/store.server.ts';

export async function load({ url }) {
  return forPage(async () => {
    const { words, after } = logbookQuery(url);
    return { words, after: after ?? null, page: await logbookPage(words, after) };
  });
}
