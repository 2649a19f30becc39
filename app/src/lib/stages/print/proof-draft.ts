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

/** "Marrow fibre, the tall enlarger, 80 mm at f/11, head 41.0 cm, Quillow paper 1+9": what a proof is made in, for its record. */
export function proofWords({
  paper,
  enlarger,
  lens,
  aperture,
  head,
  developer,
}: ProofSetup): string {
  const stop = aperture === '' ? '' : ` at f/${aperture}`;
  const at = head === '' ? '' : `head ${head}`;
  return [paper, enlarger, lens === '' ? '' : lens + stop, at, developer]
    .filter(Boolean)
    .join(', ');
}

/** What of a proof's set-up is there at its first paint. */
export const proofCookie: CookiePart<ProofSetup> = {
  most: 220,
  firstToGo: ['developer', 'lens', 'enlarger', 'head', 'paper', 'aperture', 'timerStep', 'lag'],
};

/** The same as a print that would be worked out in it. */
export const draftIn = (setup: ProofSetup): PrintDraft => ({ ...newDraft(), ...setup });
