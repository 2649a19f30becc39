import { answer, api } from '$lib/server/api.ts';
import { logbookQuery } from '$lib/server/logbook-query.ts';
import { logbookPage } from '$lib/server/repositories/logbook.ts';

/** Rolls and prints, newest first, found by words. */
export const GET = api(async ({ url }) => {
  const { words, after } = logbookQuery(url);
  return answer(await logbookPage(words, after));
});
