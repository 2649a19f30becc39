import { Refusal, cardEdge } from '@katachron/core';
import type { PrintDraft } from '../../../nouns/in-hand/draft.ts';
import { shownRatio } from '../../../nouns/picture/corners.ts';
import { paperSize } from '../../../nouns/paper/sizes.ts';
import { within } from '../../../kit/form.ts';
import type { PrintView } from '../print-view.ts';

const missing = (what: string) =>
  new Refusal('card', '', `How far the lens is from the paper needs ${what}, above the strips.`);

/**
 * How soft the edge of an area is under a card at a height, as it was typed.
 * @returns in widths of the picture
 * @throws Refusal with a sentence where a number of the set-up is missing
 */
export function softOfCard(
  typedCm: string,
  draft: Pick<PrintDraft, 'lens' | 'paperSize' | 'picture'>,
  { now: { setup } }: Pick<PrintView, 'now'>,
): number {
  const cardCm = within(typedCm, 'Type how high the card is held, in cm, as 15.', 0, 300);
  const focal = Number(/(\d+(?:\.\d+)?)\s*mm/.exec(draft.lens)?.[1]);
  if (!(focal > 0)) throw missing('the lens’s focal length, as 80 mm,');
  const { aperture, negativeLength, printLength } = setup;
  if (aperture === undefined) throw missing('the aperture');
  if (negativeLength === undefined || printLength === undefined) {
    throw missing('a length on the negative and the same on the paper');
  }
  const lensMm = focal * (1 + printLength / negativeLength);
  const { widthCm, heightCm } = paperSize(draft.paperSize);
  const lies = !draft.picture || shownRatio(draft.picture) <= 1;
  const paperMm = 10 * (lies ? heightCm : widthCm);
  return Math.min(1, cardEdge(focal / aperture, cardCm * 10, lensMm) / paperMm);
}
