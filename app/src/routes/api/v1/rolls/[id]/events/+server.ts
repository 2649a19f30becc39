import { answer, api, idFrom, notFound } from '$lib/server/api.ts';
import { rolls } from '$lib/nouns/roll/store.server.ts';

export const GET = api(async ({ params }) => {
  const found = await rolls.withEvents(idFrom(params));
  return found ? answer({ events: found.events }) : notFound('roll');
});
