import type { ColourPrint } from '../../nouns/colour-print/contract.ts';
import type { EnlargerBody } from '../../nouns/enlarger/contract.ts';
import type { PaperBody } from '../../nouns/paper/contract.ts';
import { called } from '../../words/called.ts';
import type { TwoNegatives } from '../../nouns/two-negatives/contract.ts';
import { colourListLine, newestFirst } from './colour/list.ts';
import { newestTwo, twoListLine } from './two/list.ts';

/** So many of each stand among the prints in hand; their own pages have all. */
const MOST = 4;

/** A print of another kind, as it stands in the list of what is in hand. */
export interface OtherInHand {
  readonly id: string;
  readonly href: string;
  readonly name: string;
  readonly line: string;
  /** As a task of an evening. */
  readonly does: 'colour' | 'judge' | 'print';
  /** On fibre paper, which is fixed and washed for longer. */
  readonly fibre?: boolean;
}

/** Its last sheet lies there to be judged. */
const isOpen = ({ tests, start }: ColourPrint) =>
  !start && tests.length > 0 && !tests.at(-1)!.verdict;

/** Colour prints and prints of two negatives beside the prints in hand, those worked on last. */
export const othersInHand = (
  colour: readonly ColourPrint[],
  two: readonly TwoNegatives[],
  enlargers: readonly EnlargerBody[],
  papers: readonly PaperBody[] = [],
): OtherInHand[] => [
  ...newestFirst(colour)
    .slice(0, MOST)
    .map((print) => ({
      ...{ id: print.id, href: `/print/colour/${print.id}`, name: print.name },
      line: colourListLine(print, enlargers),
      does: isOpen(print) ? ('judge' as const) : ('colour' as const),
    })),
  ...newestTwo(two)
    .slice(0, MOST)
    .map((print) => ({
      ...{ id: print.id, href: `/print/two-negatives/${print.id}`, name: print.name },
      line: twoListLine(print),
      does: 'print' as const,
      fibre: called(papers, print.paper)?.base === 'fibre',
    })),
];
