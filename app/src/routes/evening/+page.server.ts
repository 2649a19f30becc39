import { forPage } from '$lib/server/page.ts';
import { tookInLogbook } from '$lib/nouns/process/took.server.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';
import { tonightFacts } from '../tonight-facts.server.ts';

export const load = () =>
  forPage(async () => {
    const [{ facts }, papers] = await Promise.all([
      tonightFacts(Date.now()),
      shelfStores.papers.all(),
    ]);
    return { facts, took: await tookInLogbook(papers) };
  });
