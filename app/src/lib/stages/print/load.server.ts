import { prints } from '../../nouns/print/store.server.ts';
import { shelfStores } from '../../nouns/shelves.server.ts';
import type { Bench } from './setup-now.ts';

/** What stands in the darkroom, and what was printed there on a paper. */
export async function benchFor(paper: string): Promise<Bench> {
  const [evidence, enlargers, papers] = await Promise.all([
    prints.ofPaper(paper),
    shelfStores.enlargers.all(),
    shelfStores.papers.all(),
  ]);
  return { evidence, enlargers, papers };
}
