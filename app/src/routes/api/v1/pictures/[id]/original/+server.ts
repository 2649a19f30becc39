import { fileEnding } from '$lib/nouns/picture/kinds.ts';
import { pictures } from '$lib/nouns/picture/store.server.ts';
import { api, idFrom, notFound } from '$lib/server/api.ts';

/** The file as it was sent, where it was asked to be kept. */
export const GET = api(async ({ params }) => {
  const original = await pictures.original(idFrom(params));
  if (!original) return notFound('file');
  return new Response(Buffer.from(original.file), {
    headers: {
      'content-type': original.type,
      'content-disposition': `attachment; filename="picture.${fileEnding(original.type)}"`,
      'x-content-type-options': 'nosniff',
      'cache-control': 'no-store',
    },
  });
});
