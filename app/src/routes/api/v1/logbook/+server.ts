import { answer, api } from '$lib/server/api.ts';
import { logbookQuery } from '$lib/stages/logbook/query.server.ts';
import { logbookPage } from '$lib/stages/logbook/store.server.ts';

/** Rolls and prints, newest first, found by words. */
export const GET = api(async ({ url }) => {
  const { asked, after } = logbookQuery(url);
  return answer(await logbookPage(asked, after));
});
