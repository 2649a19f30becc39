import { startOfDay } from 'date-fns';
import { bathsNow } from '$lib/nouns/bath/standing.server.ts';
import { inHandName } from '$lib/nouns/in-hand/line.ts';
import type { PrintDraft } from '$lib/nouns/in-hand/draft.ts';
import { printsInHand } from '$lib/nouns/in-hand/store.server.ts';
import type { Negative } from '$lib/nouns/negative/contract.ts';
import { negativesFor } from '$lib/nouns/negative/store.server.ts';
import type { Part } from '$lib/nouns/picture/part.ts';
import { dryPrints } from '$lib/nouns/print/dry.server.ts';
import { recipes } from '$lib/nouns/recipe/store.server.ts';
import { rolls } from '$lib/nouns/roll/store.server.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';
import { beginPrint } from '$lib/stages/print/begin-print.ts';
import { benchFor } from '$lib/stages/print/load.server.ts';
import { nextTask, nextWords } from '$lib/stages/print/next-words.ts';
import { othersInHand } from '$lib/stages/print/others-in-hand.ts';
import { printView } from '$lib/stages/print/print-view.ts';
import { sameName } from '$lib/words/same-name.ts';

/** Each is worked out from all its strips and what earlier prints taught: those touched last say what is next of them. */
const MOST_WORKED_OUT = 4;
/** Negatives that are offered to be printed. */
const MOST_NEGATIVES = 12;

/** What a print is known by: its own picture, or that of its negative. */
function pictureOf(
  { picture, negative }: PrintDraft,
  negatives: readonly Negative[],
): Part | undefined {
  if (!picture) return negatives.find(({ name }) => sameName(name, negative))?.picture;
  const { id, corners, mirrored } = picture;
  return { id, corners, mirrored };
}

/** Prints in hand, each with its next step; those touched last first. */
async function printsWaiting(negatives: readonly Negative[]) {
  const inHand = (await printsInHand.all()).filter(({ state }) => state === 'in-hand');
  return Promise.all(
    inHand.map(async ({ id, draft }, index) => {
      const picture = pictureOf(draft, negatives);
      const print = {
        ...{ id, href: `/print/${id}`, name: inHandName(draft) },
        ...(picture && { picture }),
      };
      if (index >= MOST_WORKED_OUT)
        return { ...print, next: '', does: 'print' as const, strips: 0 };
      const bench = await benchFor(draft.paper);
      const view = printView(draft, bench);
      return {
        ...print,
        next: `${nextWords(draft, view)}.`,
        ...nextTask(draft, view, bench),
        fibre: view.on.kept?.base === 'fibre',
      };
    }),
  );
}

/** All that an evening may begin with, and the draft that a new print begins from. */
export async function tonightFacts(nowMs: number) {
  const negatives = await negativesFor('');
  const [waiting, allRecipes, tanks, inHand, dry, standing, substances, last] = await Promise.all([
    rolls.waiting(),
    recipes.all(),
    shelfStores.tanks.all(),
    printsWaiting(negatives),
    dryPrints(startOfDay(nowMs).getTime()),
    bathsNow(nowMs),
    shelfStores.substances.all(),
    printsInHand.last(),
  ]);
  const [colour, two, enlargers, bench] = await Promise.all([
    shelfStores['colour-prints'].all(),
    shelfStores['two-negatives'].all(),
    shelfStores.enlargers.all(),
    benchFor(last?.draft.paper ?? ''),
  ]);
  const others = othersInHand(colour, two, enlargers, bench.papers).map(({ line, ...print }) => ({
    ...print,
    ...{ next: line, strips: 0 },
  }));
  return {
    facts: {
      ...{ rolls: waiting, recipes: allRecipes, tanks, prints: [...inHand, ...others], dry },
      ...{ negatives: negatives.slice(0, MOST_NEGATIVES), negativesInAll: negatives.length },
      ...{ standing, substances },
    },
    begun: beginPrint(last?.draft, bench),
  };
}
