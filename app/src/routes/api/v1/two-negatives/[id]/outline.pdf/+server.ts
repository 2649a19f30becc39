import { pictures } from '$lib/nouns/picture/store.server.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';
import { outlineOf } from '$lib/nouns/two-negatives/outline.server.ts';
import { api, idFrom, notFound } from '$lib/server/api.ts';
import { USUAL_EASEL } from '$lib/nouns/two-negatives/easel.ts';

/** The outline of A at full size, to be traced on a scrap. */
export const GET = api(async ({ params }) => {
  const print = await shelfStores['two-negatives'].find(idFrom(params));
  if (!print?.a.placed) return notFound('picture of A that lies on the sheet');
  const { name, easel = USUAL_EASEL } = print;
  const preview = await pictures.preview(print.a.placed.picture.id);
  const pdf = await outlineOf(name, print.a.placed, easel, preview);
  return new Response(pdf as Uint8Array<ArrayBuffer>, {
    headers: {
      'content-type': 'application/pdf',
      'content-disposition': 'attachment; filename="outline-of-a.pdf"',
      'cache-control': 'no-store',
    },
  });
});
