import type { ColourPrint } from '../../../nouns/colour-print/contract.ts';
import type { EnlargerBody } from '../../../nouns/enlarger/contract.ts';
import { colourView } from './colour-view.ts';

const touched = ({ tests }: ColourPrint) => tests.at(-1)?.atMs ?? Number.POSITIVE_INFINITY;

/** Those that have no sheet yet, then the one worked on last. */
export const newestFirst = (prints: readonly ColourPrint[]): ColourPrint[] =>
  prints.toSorted((a, b) => touched(b) - touched(a));

/** "Judge sheet 2, dry; Lumen gloss, box 2": what is next of it. */
export function colourListLine(print: ColourPrint, enlargers: readonly EnlargerBody[]): string {
  const { open, packShown, secondsShown } = colourView(print, enlargers);
  const next = open
    ? `Judge sheet ${print.tests.length}, dry`
    : `Next: ${packShown}, ${secondsShown} s`;
  return [next, print.negative, print.paper, print.box].filter(Boolean).join('; ');
}
