import { addEntry } from '$lib/nouns/bath/entries.server.ts';
import { WrittenEntry } from '$lib/nouns/bath/ledger.ts';
import { answer, api, idFrom, notFound, readBody } from '$lib/server/api.ts';
import { InvalidInput } from '$lib/server/problem/invalid-input.ts';

/** Writes an entry into a bath’s ledger. The same again, or late, never conflicts; nothing is ever changed in it. */
export const PUT = api(async ({ params, request }) => {
  const bathId = idFrom(params);
  const entryId = idFrom(params, 'entry');
  const entry = await readBody(request, WrittenEntry);
  if (entry.id.toLowerCase() !== entryId) {
    throw new InvalidInput([
      { pointer: '/id', detail: 'The entry’s id is not the one in the address.' },
    ]);
  }
  const added = await addEntry(bathId, entry);
  return added === undefined ? notFound('bath') : answer({ entry }, added ? 201 : 200);
});
