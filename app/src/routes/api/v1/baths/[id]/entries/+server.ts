import { entriesOf } from '$lib/nouns/bath/entries.server.ts';
import { answer, api, idFrom } from '$lib/server/api.ts';

export const GET = api(async ({ params }) => {
  const id = idFrom(params);
  const found = await entriesOf([id]);
  return answer({ entries: found[id] ?? [] });
});
