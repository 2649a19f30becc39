import { pictures } from '$lib/nouns/picture/store.server.ts';
import { api, idFrom, notFound } from '$lib/server/api.ts';

/** A picture is never replaced under its id. */
const FOREVER = 'private, max-age=31536000, immutable';

export const GET = api(async ({ params }) => {
  const preview = await pictures.preview(idFrom(params));
  if (!preview) return notFound('picture');
  return new Response(Buffer.from(preview), {
    headers: { 'content-type': 'image/webp', 'cache-control': FOREVER },
  });
});
