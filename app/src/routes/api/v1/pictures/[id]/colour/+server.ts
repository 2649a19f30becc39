import { pictures } from '$lib/nouns/picture/store.server.ts';
import { api, idFrom, notFound } from '$lib/server/api.ts';

/** A picture is never replaced under its id. */
const FOREVER = 'private, max-age=31536000, immutable';

/** The picture in its colours, where they were asked to be kept. */
export const GET = api(async ({ params }) => {
  const colours = await pictures.colours(idFrom(params));
  if (!colours) return notFound('picture in colour');
  return new Response(Buffer.from(colours), {
    headers: { 'content-type': 'image/webp', 'cache-control': FOREVER },
  });
});
