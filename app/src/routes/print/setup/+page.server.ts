import { forPage } from '$lib/server/page.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

export const load = () =>
  forPage(async () => {
    const [enlargers, papers, findings] = await Promise.all([
      shelfStores.enlargers.all(),
      shelfStores.papers.all(),
      shelfStores.findings.all(),
    ]);
    return { enlargers, papers, findings };
  });
