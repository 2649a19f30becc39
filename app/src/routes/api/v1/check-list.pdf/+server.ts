import { checkListPdf } from '$lib/nouns/evening/check-list.server.ts';
import { CheckList } from '$lib/nouns/evening/contract.ts';
import { api, readBody } from '$lib/server/api.ts';

/** An evening as a page to tick off; nothing of it is kept. */
export const POST = api(async ({ request }) => {
  const list = await readBody(request, CheckList);
  return new Response((await checkListPdf(list)) as Uint8Array<ArrayBuffer>, {
    headers: {
      'content-type': 'application/pdf',
      'content-disposition': 'attachment; filename="evening.pdf"',
      'cache-control': 'no-store',
    },
  });
});
