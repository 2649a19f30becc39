import { MOST_PICTURE_BYTES, fileType } from '$lib/nouns/picture/kinds.ts';
import { pictures } from '$lib/nouns/picture/store.server.ts';
import { answer, api, idFrom, notFound } from '$lib/server/api.ts';
import { bodyBytes } from '$lib/server/body.ts';

export const GET = api(async ({ params }) => {
  const found = await pictures.find(idFrom(params));
  return found ? answer(found) : notFound('picture');
});

/** The file as it is, whatever it calls itself: what it is is seen when it is read. */
export const PUT = api(async ({ params, request, url }) => {
  const id = idFrom(params);
  const bytes = await bodyBytes(request, MOST_PICTURE_BYTES);
  const original =
    url.searchParams.get('original') === 'keep'
      ? fileType(request.headers.get('content-type'))
      : undefined;
  const inColour = url.searchParams.get('colour') === 'keep';
  const { picture, created } = await pictures.put(id, bytes, { original, inColour });
  return answer(picture, created ? 201 : 200);
});
