import { bookPrint } from '$lib/nouns/bath/book.server.ts';
import { PrintBody } from '$lib/nouns/print/contract.ts';
import { resource } from '$lib/server/api.ts';
import { prints } from '$lib/nouns/print/store.server.ts';

export const { GET, PUT } = resource('print', PrintBody, {
  find: prints.find,
  put: async (...write: Parameters<typeof prints.put>) => {
    const written = await prints.put(...write);
    await bookPrint(written.resource);
    return written;
  },
});
