import { bookSheet } from '$lib/nouns/bath/book.server.ts';
import { addTrayEvent } from '$lib/nouns/print/trays.server.ts';
import { ProcessEvent } from '$lib/nouns/process/contract.ts';
import { answer, api, idFrom, readBody } from '$lib/server/api.ts';
import { InvalidInput } from '$lib/server/problem/invalid-input.ts';

/** Adds what happened to a sheet in the trays. The same event again, or late, never conflicts. */
export const PUT = api(async ({ params, request }) => {
  const sheetId = idFrom(params);
  const eventId = idFrom(params, 'event');
  const event = await readBody(request, ProcessEvent);
  if (event.id.toLowerCase() !== eventId) {
    throw new InvalidInput([
      { pointer: '/id', detail: 'The event’s id is not the one in the address.' },
    ]);
  }
  const added = await addTrayEvent(sheetId, event);
  await bookSheet(sheetId);
  return answer({ event }, added ? 201 : 200);
});
