import { instantMs } from '$lib/kit/fields.ts';
import { markOf } from '$lib/nouns/print/mark.ts';
import { prints } from '$lib/nouns/print/store.server.ts';
import { answer, api } from '$lib/server/api.ts';
import { check } from '$lib/server/validation.ts';

/** What was not judged after so long is not asked about any more, ms. */
const ASKED_FOR_MS = 30 * 86_400_000;

const before = instantMs('The beginning of the day');

/** Sheets of the days before that nobody has judged dry. */
export const GET = api(async ({ url }) => {
  const toMs = check(before, Number(url.searchParams.get('before') ?? Date.now()));
  const found = await prints.toJudge(Math.max(0, toMs - ASKED_FOR_MS), toMs);
  return answer({
    prints: found.map(({ id, title, sheets }) => ({
      ...{ id, title },
      marks: sheets
        .filter(({ verdict, exposedAtMs }) => !verdict && exposedAtMs < toMs)
        .map((sheet) => markOf(sheet, sheets)),
    })),
  });
});
