import { certaintyOf } from './session.ts';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import { isFired } from './firing-lines.ts';
import { stripsBefore, type PrintView } from './print-view.ts';
import type { Bench } from './setup-now.ts';

/** A print whose strip cannot be read as it is typed takes so many, mostly. */
const USUAL_STRIPS = 2;

/** What is done next of a print: so many strips before it, the print itself, or a look at it. */
export function nextTask(
  draft: PrintDraft,
  view: PrintView,
  bench: Bench,
): { readonly does: 'print' | 'judge'; readonly strips: number; readonly firstStrip: number } {
  const { reading } = view;
  const firstStrip = draft.earlier.length + (reading ? 2 : 1);
  if (reading && isFired(draft, view)) return { does: 'judge', strips: 0, firstStrip };
  if (reading?.verdict === 'make-print') return { does: 'print', strips: 0, firstStrip };
  return {
    does: 'print',
    firstStrip,
    strips: Math.max(1, stripsBefore(draft, view, bench) ?? USUAL_STRIPS),
  };
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
