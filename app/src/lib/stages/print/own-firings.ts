import { repeatAsFired, type Lamp } from '@katachron/core';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import { attempt } from '../../words/attempt.ts';
import type { PrintView } from './print-view.ts';

/** What is asked of the page before its plan is made. */
type Read = Pick<
  PrintView,
  'reading' | 'setting' | 'highlight' | 'shadow' | 'strip' | 'firings' | 'printSeconds' | 'dial'
>;

/** The patch whose very firings the print repeats: picked whole, on the strip on the page, at the setting of the answer. */
function repeatedPatch(view: Read): number | undefined {
  const { reading, setting, highlight, shadow, strip } = view;
  const position = (highlight ?? shadow)?.position;
  // Of a single patch only “right” is the patch itself.
  const lone = strip?.patches.length === 1 && position !== 0;
  const same = reading?.setting.id === setting.id;
  return same && !lone && position !== undefined && Number.isInteger(position)
    ? position
    : undefined;
}

const inOwnFirings = (draft: PrintDraft) => draft.asFired === true && draft.method === 'cover-up';

/** The base in the strip's own firings, where it is to be given so and can. */
export function ownDials(draft: PrintDraft, view: Read, lamp: Lamp): readonly number[] | undefined {
  const { printSeconds, strip } = view;
  if (printSeconds === undefined || !inOwnFirings(draft) || !strip) return undefined;
  const patch = repeatedPatch(view);
  if (patch !== undefined) {
    return strip.firings.slice(0, patch + 1).map(({ dialSeconds }) => dialSeconds);
  }
  return attempt(() => repeatAsFired(strip.firings, printSeconds, lamp)).value;
}

/** Where the print is given a patch's own firings: what they are, and what all that is known would give instead. */
export function ownFiringsWords(draft: PrintDraft, view: Read): string | undefined {
  const patch = repeatedPatch(view);
  if (!inOwnFirings(draft) || !view.strip || patch === undefined || !view.dial) return undefined;
  const dials = view.firings.slice(0, patch + 1).map(({ dial }) => dial);
  const alike = dials.every((dial) => dial === dials[0]);
  const given = alike ? `${dials.length} × ${dials[0]} s` : `${dials.join(' + ')} s`;
  return `Just what patch ${patch + 1} got: ${given}. In one firing all that is known would give ${view.dial} s.`;
}
