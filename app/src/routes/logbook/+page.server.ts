import { logbookQuery } from '$lib/server/logbook-query.ts';
import { forPage } from '$lib/server/page.ts';
import { logbookPage } from '$lib/server/repositories/logbook.ts';

export async function load({ url }) {
  return forPage(async () => {
    const { words, after } = logbookQuery(url);
    return { words, after: after ?? null, page: await logbookPage(words, after) };
  });
}
