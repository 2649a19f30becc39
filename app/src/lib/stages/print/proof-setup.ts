import Type, { type Static } from 'typebox';
import { PrintDraft, newDraft } from '../../nouns/in-hand/draft.ts';
import { text, typed } from '../../kit/fields.ts';

const { properties } = PrintDraft;

/** What a proof is made with: its negatives lie on the paper, and the head stands where the light covers it. */
export const ProofSetup = Type.Object(
  {
    enlarger: properties.enlarger,
    lens: properties.lens,
    aperture: typed,
    head: properties.head,
    paper: properties.paper,
    developer: text('The developer', 80),
    contrastSetId: properties.contrastSetId,
    settingId: properties.settingId,
    lag: typed,
    timerStep: typed,
  },
  { additionalProperties: false },
);
export type ProofSetup = Static<typeof ProofSetup>;

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

/** The same as a print that would be worked out in it. */
export const draftIn = (setup: ProofSetup): PrintDraft => ({ ...newDraft(), ...setup });
