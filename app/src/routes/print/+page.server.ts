import { printsInHand } from '$lib/nouns/in-hand/store.server.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';
import { othersInHand } from '$lib/stages/print/others-in-hand.ts';
import { sameName } from '$lib/words/same-name.ts';
import { forPage } from '$lib/server/page.ts';
import { beginPrint } from '$lib/stages/print/begin-print.ts';
import { benchFor } from '$lib/stages/print/load.server.ts';
import { nextWords } from '$lib/stages/print/next-words.ts';
import { printView } from '$lib/stages/print/print-view.ts';

/** More than these wait without their answer: each is worked out from all its strips and what earlier prints taught. */
const MOST_WORKED_OUT = 12;

export function load({ depends }) {
  depends('katachron:prints-in-hand');
  return forPage(async () => {
    const [all, last, colour, two, enlargers] = await Promise.all([
      printsInHand.all(),
      printsInHand.last(),
      shelfStores['colour-prints'].all(),
      shelfStores['two-negatives'].all(),
      shelfStores.enlargers.all(),
    ]);
    // Prints of an evening are mostly on one paper.
    const papers = all.map(({ draft }) => draft.paper).filter((name) => name.trim() !== '');
    const named = papers.filter(
      (name, at) => papers.findIndex((one) => sameName(one, name)) === at,
    );
    const benches = await Promise.all(
      ['', ...named].map(async (paper) => ({ paper, bench: await benchFor(paper) })),
    );
    const prints = all.map(({ id, version, state, touchedAtMs, draft }, index) => {
      const { bench } = benches.find(({ paper }) => sameName(paper, draft.paper)) ?? benches[0]!;
      return {
        ...{ id, version, state, touchedAtMs, draft },
        next: index < MOST_WORKED_OUT ? nextWords(draft, printView(draft, bench)) : '',
      };
    });
    const begunOn = last?.draft.paper ?? '';
    const { bench } = benches.find(({ paper }) => sameName(paper, begunOn)) ?? {
      bench: await benchFor(begunOn),
    };
    return {
      prints,
      others: othersInHand(colour, two, enlargers),
      begun: beginPrint(last?.draft, bench),
    };
  });
}
