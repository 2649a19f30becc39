import Type, { type Static } from 'typebox';
import { PrintDraft } from '../../nouns/in-hand/draft.ts';
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
