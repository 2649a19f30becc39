import { api, idFrom, notFound } from '$lib/server/api.ts';
import { rollLabel } from '$lib/nouns/roll/label/label.server.ts';
import { rolls } from '$lib/nouns/roll/store.server.ts';

/** The label that goes to a lab with the roll. */
export const GET = api(async ({ params }) => {
  const roll = await rolls.find(idFrom(params));
  if (!roll) return notFound('roll');
  return new Response((await rollLabel(roll)) as Uint8Array<ArrayBuffer>, {
    headers: {
      'content-type': 'application/pdf',
      'content-disposition': 'attachment; filename="label.pdf"',
      'cache-control': 'no-store',
    },
  });
});
