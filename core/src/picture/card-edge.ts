import { Refusal } from '../refusal.ts';
import { sound } from '../quantity/sound.ts';

/**
 * How wide the edge of a card's shadow is: the lens is no point, so a card that is held still blurs its edge the more the
 * higher it is held.
 * @param pupilMm the lens's opening, mm: focal length over f-number
 * @param cardMm height of the card over the paper, mm
 * @param lensMm height of the lens over the paper, mm
 * @returns from full light to full shade on the paper, mm
 * @throws Refusal `card` unless the card is between the paper and the lens and the opening is more than 0
 * @source pupil·h/(L − h), similar triangles
 * @example
 * cardEdge(10, 100, 400) // ≈ 3.333
 */
export function cardEdge(pupilMm: number, cardMm: number, lensMm: number): number {
  if (!(pupilMm > 0 && cardMm >= 0 && cardMm < lensMm)) {
    throw new Refusal('card', '/cardMm', 'The card is held between the paper and the lens.');
  }
  return sound((pupilMm * cardMm) / (lensMm - cardMm));
}
