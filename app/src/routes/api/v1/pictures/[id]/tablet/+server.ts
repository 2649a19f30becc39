import { ScanQuestion } from '$lib/nouns/calibration/scan-contract.ts';
import { scanned } from '$lib/nouns/calibration/scan.server.ts';
import { pictures } from '$lib/nouns/picture/store.server.ts';
import { answer, api, idFrom, notFound, readBody } from '$lib/server/api.ts';

/** Reads a tablet from a picture that was put: nothing is kept of it. */
export const POST = api(async ({ params, request }) => {
  const id = idFrom(params);
  const question = await readBody(request, ScanQuestion);
  const [picture, preview] = await Promise.all([pictures.find(id), pictures.preview(id)]);
  if (!picture || !preview) return notFound('picture');
  return answer(await scanned(preview, picture.width, question));
});
