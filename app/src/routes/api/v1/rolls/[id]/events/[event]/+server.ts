import { ProcessEvent } from '$lib/nouns/process/contract.ts';
import { answer, api, idFrom, notFound, readBody } from '$lib/server/api.ts';
import { InvalidInput } from '$lib/server/problem/invalid-input.ts';
import { rolls } from '$lib/nouns/roll/store.server.ts';

/** Adds an event to a run. The same event again, or late, never conflicts. */
export const PUT = api(async ({ params, request }) => {
  const rollId = idFrom(params);
  const eventId = idFrom(params, 'event');
  const event = await readBody(request, ProcessEvent);
  if (event.id.toLowerCase() !== eventId) {
    throw new InvalidInput([
      { pointer: '/id', detail: 'The event’s id is not the one in the address.' },
    ]);
  }
  const kept = await rolls.addEvent(rollId, event);
  return kept ? answer(kept.roll, kept.added ? 201 : 200) : notFound('roll');
});
