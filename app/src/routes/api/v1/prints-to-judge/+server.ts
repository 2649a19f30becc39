import { instantMs } from '$lib/kit/fields.ts';
import { dryPrints } from '$lib/nouns/print/dry.server.ts';
import { answer, api } from '$lib/server/api.ts';
import { check } from '$lib/server/validation.ts';

const before = instantMs('The beginning of the day');

/** Sheets of the days before that nobody has judged dry. */
export const GET = api(async ({ url }) => {
  const beforeMs = check(before, Number(url.searchParams.get('before') ?? Date.now()));
  return answer({ prints: await dryPrints(beforeMs) });
});
