import { trayEventsOf } from '$lib/nouns/print/trays.server.ts';
import { answer, api, idFrom } from '$lib/server/api.ts';

export const GET = api(async ({ params }) => {
  const id = idFrom(params);
  const found = await trayEventsOf([id]);
  return answer({ events: found[id] ?? [] });
});
