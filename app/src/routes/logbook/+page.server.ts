import { logbookQuery } from '$lib/stages/logbook/query.server.ts';
import { forPage } from '$lib/server/page.ts';
import { picturesOf } from '$lib/stages/logbook/pictures.server.ts';
import { logbookPage } from '$lib/stages/logbook/store.server.ts';
import { logbookValues } from '$lib/stages/logbook/values.server.ts';

export async function load({ url }) {
  return forPage(async () => {
    const { asked, after } = logbookQuery(url);
    const [page, values] = await Promise.all([logbookPage(asked, after), logbookValues()]);
    const pictures = await picturesOf(page.entries);
    return { asked, values, after: after ?? null, page, pictures };
  });
}
