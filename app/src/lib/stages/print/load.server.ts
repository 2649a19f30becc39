import { bathsNow } from '../../nouns/bath/standing.server.ts';
import { prints } from '../../nouns/print/store.server.ts';
import { shelfStores } from '../../nouns/shelves.server.ts';
import type { Bench } from './setup-now.ts';

/** What stands in the darkroom, and what was printed there on a paper and, newest first, on others, but for the print that is in hand. */
export async function benchFor(paper: string, of?: string): Promise<Bench> {
  const papers = await shelfStores.papers.all();
  const [evidence, enlargers, negatives, findings, calibrations, standing] = await Promise.all([
    prints.toLearnFrom(paper, papers),
    shelfStores.enlargers.all(),
    shelfStores.negatives.all(),
    shelfStores.findings.all(),
    shelfStores.calibrations.all(),
    bathsNow(Date.now()),
  ]);
  // What a print's own sheets say is in its own strips already.
  return {
    evidence: evidence.filter(({ id }) => id !== of),
    enlargers,
    papers,
    negatives,
    findings,
    longTimes: calibrations.filter(({ kind }) => kind === 'paper-reciprocity'),
    standing,
  };
}
