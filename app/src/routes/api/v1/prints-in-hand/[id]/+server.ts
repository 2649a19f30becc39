import { bookPrint } from '$lib/nouns/bath/book.server.ts';
import { InHandBody } from '$lib/nouns/in-hand/contract.ts';
import { printsInHand } from '$lib/nouns/in-hand/store.server.ts';
import { prints } from '$lib/nouns/print/store.server.ts';
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

/** Nobody follows its sheets any more: what of it is in the record went through its baths. */
export const DELETE = removal('print in hand', {
  remove: async (...from: Parameters<typeof printsInHand.remove>) => {
    const removed = await printsInHand.remove(...from);
    const record = await prints.find(from[0]);
    if (record) await bookPrint(record);
    return removed;
  },
});
