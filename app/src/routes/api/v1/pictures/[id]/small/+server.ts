import { smallPicture } from '$lib/nouns/picture/small.server.ts';
import { askedPart } from '$lib/nouns/picture/small-query.server.ts';
import { pictures } from '$lib/nouns/picture/store.server.ts';
import { api, idFrom, notFound } from '$lib/server/api.ts';

/** A picture is never replaced under its id. */
const FOREVER = 'private, max-age=31536000, immutable';

export const GET = api(async ({ params, url }) => {
  const id = idFrom(params);
  const asked = askedPart(url);
  const preview = await pictures.preview(id);
  if (!preview) return notFound('picture');
  return new Response(Buffer.from(await smallPicture(preview, asked)), {
    headers: { 'content-type': 'image/webp', 'cache-control': FOREVER },
  });
});
