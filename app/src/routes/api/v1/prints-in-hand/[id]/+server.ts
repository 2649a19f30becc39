import { InHandBody } from '$lib/nouns/in-hand/contract.ts';
import { printsInHand } from '$lib/nouns/in-hand/store.server.ts';
import { removal, resource } from '$lib/server/api.ts';
import { writeRecord } from '$lib/stages/print/record.server.ts';

export const { GET, PUT } = resource('print in hand', InHandBody, {
  find: printsInHand.find,
  put: async (...write: Parameters<typeof printsInHand.put>) => {
    const written = await printsInHand.put(...write);
    await writeRecord(written.resource);
    return written;
  },
});
export const DELETE = removal('print in hand', printsInHand);
