import { newDraft } from '../../nouns/in-hand/begin.ts';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import type { CookiePart } from '../../kit/draft.svelte.ts';
import type { ProofSetup } from './proof-setup.ts';

/** Where nothing was said yet a proof begins in the set-up of the print that was worked on last. */
export function proofSetup(last: PrintDraft | undefined): ProofSetup {
  const from = newDraft(last);
  return {
    ...{ enlarger: from.enlarger, lens: from.lens, aperture: from.aperture ?? '' },
    ...{ head: from.head, paper: from.paper, developer: from.developer ?? '' },
    ...{ contrastSetId: from.contrastSetId, settingId: from.settingId },
    ...{ lag: from.lag, timerStep: from.timerStep },
  };
}

const GONE = [
  ...(['developer', 'lens', 'enlarger', 'head', 'paper', 'aperture'] as const),
  ...(['timerStep', 'lag'] as const),
] as const;

/** What of a proof's set-up is there at its first paint. */
export const proofCookie: CookiePart<ProofSetup> = {
  most: 220,
  firstToGo: GONE.map((part) => [part, '']),
  needed: GONE,
};

/** The same as a print that would be worked out in it. */
export const draftIn = (setup: ProofSetup): PrintDraft => ({ ...newDraft(), ...setup });
