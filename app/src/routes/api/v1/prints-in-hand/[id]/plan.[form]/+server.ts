import { createHash } from 'node:crypto';
import { v5 } from 'uuid';
import { printsInHand } from '$lib/nouns/in-hand/store.server.ts';
import { pictures } from '$lib/nouns/picture/store.server.ts';
import { MOST_PLAN_BYTES, PlanFile } from '$lib/nouns/print/plan-file.ts';
import { answer, api, basedOn, etag, idFrom, notFound, readBody } from '$lib/server/api.ts';
import { benchFor } from '$lib/stages/print/load.server.ts';
import { planForms } from '$lib/stages/print/paper/forms.server.ts';
import { withPlan } from '$lib/stages/print/paper/plan-file.ts';
import { printView } from '$lib/stages/print/print-view.ts';

/** The plan of a print in hand: on one page, to pin up, or as a file that another print can take in. */
export const GET = api(async ({ params }) => {
  const id = idFrom(params);
  const name = params.form ?? '';
  const form = Object.hasOwn(planForms, name) ? planForms[name] : undefined;
  const inHand = form && (await printsInHand.find(id));
  if (!inHand) return notFound(form ? 'print in hand' : 'such file');
  const { draft } = inHand;
  const view = printView(draft, await benchFor(draft.paper, id));
  const preview = draft.picture && (await pictures.preview(draft.picture.id));
  return new Response((await form.make(draft, view, preview)) as Uint8Array<ArrayBuffer>, {
    headers: {
      'content-type': form.type,
      'content-disposition': `attachment; filename="plan.${name}"`,
      'cache-control': 'no-store',
    },
  });
});

/** The same picture sent again is the one that is kept. */
const PICTURES = '5a0f3f5e-6f0b-4c1c-9d52-3b1d5a2c7e10';

/** Takes the plan of a file into a print in hand: its areas, how they are given, and its picture. */
export const PUT = api(async ({ params, request }) => {
  const id = idFrom(params);
  if (params.form !== 'json') return notFound('such file');
  const based = basedOn(request);
  const file = await readBody(request, PlanFile, MOST_PLAN_BYTES);
  const inHand = await printsInHand.find(id);
  if (!inHand) return notFound('print in hand');
  const bytes = file.picture && Buffer.from(file.picture.webp, 'base64');
  const pictureId = bytes && v5(createHash('sha256').update(bytes).digest('hex'), PICTURES);
  if (bytes) await pictures.put(pictureId!, bytes);
  const { state, touchedAtMs, draft } = inHand;
  const body = { state, touchedAtMs, draft: withPlan(draft, file, pictureId) };
  const { resource } = await printsInHand.put(id, body, based);
  return answer(resource, 200, { etag: etag(resource.version) });
});
