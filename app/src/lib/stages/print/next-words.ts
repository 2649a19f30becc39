import { certaintyOf } from './session.ts';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import { isFired } from './firing-lines.ts';
import type { PrintView } from './print-view.ts';

/** A print that nothing is known of takes so many, mostly. */
const USUAL_STRIPS = 2;

/** What is done next of a print: so many strips before it, the print itself, or a look at it. */
export function nextTask(
  draft: PrintDraft,
  view: PrintView,
): { readonly does: 'print' | 'judge'; readonly strips: number } {
  const { reading } = view;
  if (!reading) return { does: 'print', strips: USUAL_STRIPS };
  if (isFired(draft, view)) return { does: 'judge', strips: 0 };
  return { does: 'print', strips: reading.verdict === 'make-print' ? 0 : 1 };
}

/** What a print in hand waits for, as it is listed. */
export function nextWords(draft: PrintDraft, view: PrintView): string {
  const { reading, dial } = view;
  const number = draft.earlier.length + 1;
  if (!reading) {
    if (!view.strip) return `Put strip ${number} right`;
    const last = view.soFar?.dial ? `, ${view.soFar.dial} s so far` : '';
    return `Fire strip ${number} and pick on it${last}`;
  }
  const answer = `${dial} s at ${view.set.noun} ${reading.setting.name}`;
  if (isFired(draft, view)) return `Look at the sheet, and judge it dry: ${answer}`;
  return reading.verdict === 'make-print'
    ? `Fire the print: ${answer}, sure enough for ${certaintyOf(draft).name}`
    : `One more strip: ${answer} so far`;
}
