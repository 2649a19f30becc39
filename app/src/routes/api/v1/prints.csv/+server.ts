import { logHead, logLines } from '$lib/nouns/print/log-csv.ts';
import { api } from '$lib/server/api.ts';
import { logbookPage } from '$lib/stages/logbook/store.server.ts';
import type { Asked } from '$lib/nouns/logbook/asked.ts';
import { logbookQuery } from '$lib/stages/logbook/query.server.ts';

/** The print log, page after page of the logbook: years of it never lie in memory at once. */
async function* lines(asked: Asked): AsyncGenerator<string> {
  yield logHead();
  let after: string | undefined;
  do {
    const { entries, next } = await logbookPage(asked, after);
    yield entries
      .flatMap((entry) => (entry.kind === 'print' ? logLines(entry.entry) : []))
      .join('');
    after = next ?? undefined;
  } while (after);
}

export const GET = api(async ({ url }) => {
  const { asked } = logbookQuery(url);
  const log = lines({ ...asked, kind: 'print' });
  // The first page is asked for before anything is answered: a database that is away is a problem, not half a file.
  const [head, first] = [await log.next(), await log.next()];
  const encoder = new TextEncoder();
  const body = new ReadableStream<Uint8Array>({
    start: (file) => {
      for (const { value } of [head, first]) if (value) file.enqueue(encoder.encode(value));
    },
    pull: async (file) => {
      const { value, done } = await log.next();
      if (done) file.close();
      else file.enqueue(encoder.encode(value));
    },
  });
  return new Response(body, {
    headers: {
      'content-type': 'text/csv; charset=utf-8; header=present',
      'content-disposition': 'attachment; filename="prints.csv"',
      'cache-control': 'no-store',
    },
  });
});
