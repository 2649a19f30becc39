import { negativesFor } from '$lib/nouns/negative/store.server.ts';
import { answer, api } from '$lib/server/api.ts';

/** Longer words than this find nothing. */
const MOST_LETTERS = 200;

export const GET = api(async ({ url }) => {
  const typed = (url.searchParams.get('q') ?? '').slice(0, MOST_LETTERS);
  return answer({ negatives: await negativesFor(typed) });
});
