import { printsInHand } from '$lib/nouns/in-hand/store.server.ts';
import { pictures } from '$lib/nouns/picture/store.server.ts';
import { api, idFrom, notFound } from '$lib/server/api.ts';
import { benchFor } from '$lib/stages/print/load.server.ts';
import { planOnPaper } from '$lib/stages/print/plan-paper.server.ts';
import { printView } from '$lib/stages/print/print-view.ts';

/** The plan of a print in hand on one page, to pin up. */
export const GET = api(async ({ params }) => {
  const id = idFrom(params);
  const inHand = await printsInHand.find(id);
  if (!inHand) return notFound('print in hand');
  const { draft } = inHand;
  const view = printView(draft, await benchFor(draft.paper, id));
  const preview = draft.picture && (await pictures.preview(draft.picture.id));
  return new Response((await planOnPaper(draft, view, preview)) as Uint8Array<ArrayBuffer>, {
    headers: {
      'content-type': 'application/pdf',
      'content-disposition': 'attachment; filename="plan.pdf"',
      'cache-control': 'no-store',
    },
  });
});
