import { api, idFrom, notFound } from '$lib/server/api.ts';
import { colourBook } from '$lib/nouns/colour-print/book.server.ts';
import { pictures } from '$lib/nouns/picture/store.server.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

/** The page of the lab book, to be printed. */
export const GET = api(async ({ params }) => {
  const print = await shelfStores['colour-prints'].find(idFrom(params));
  if (!print) return notFound('colour print');
  return new Response(
    (await colourBook(print, (id) => pictures.colours(id))) as Uint8Array<ArrayBuffer>,
    {
      headers: {
        'content-type': 'application/pdf',
        'content-disposition': 'attachment; filename="lab-book.pdf"',
        'cache-control': 'no-store',
      },
    },
  );
});
