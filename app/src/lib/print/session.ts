import {
  certainties,
  contrastSet,
  defaultPaper,
  learnFrom,
  planStrip,
  readSession,
  settingsKnown,
  stripMethods,
  toneById,
  type Certainty,
  type CertaintyId,
  type EarlierSession,
  type FiredPatch,
  type Lamp,
  type PrintPrior,
  type SessionReading,
  type SessionStrip,
  type StripChoices,
  type ToneId,
} from '@katachron/core';
import type { PrintDraft } from '../contract/drafts.ts';
import type { Print } from '../contract/print.ts';
import { attempt, type Attempt } from '../words/attempt.ts';

/** What nobody has measured: how far each may be out. */
const UNMEASURED = {
  guessWithinStops: 3,
  speedWithinStops: 0.25,
  rangeWithinShare: 0.08,
  lagWithinSeconds: 0.2,
};
/** A lag that was measured is known this well, s. */
const LAG_MEASURED = 0.03;

/** The certainty asked for. */
export function certaintyOf(draft: Pick<PrintDraft, 'certainty'>): Certainty & { id: CertaintyId } {
  return certainties.find(({ id }) => id === draft.certainty) ?? certainties[1];
}

/** What is taken for granted before a session's first strip: its middle is the first guess. */
function priorOf(facts: {
  readonly contrastSetId: PrintDraft['contrastSetId'];
  readonly highlightTone: ToneId;
  readonly shadowTone: ToneId;
  readonly lagSeconds: number;
  readonly first: readonly FiredPatch[];
}): PrintPrior {
  const { first, lagSeconds } = facts;
  const middle = Math.sqrt((first[0]?.dialSeconds ?? 10) * (first.at(-1)?.dialSeconds ?? 10));
  return {
    ...UNMEASURED,
    paper: defaultPaper,
    set: contrastSet(facts.contrastSetId),
    highlightDensity: toneById(facts.highlightTone).netDensity,
    shadowDensity: toneById(facts.shadowTone).netDensity,
    guessSeconds: Math.max(middle, lagSeconds + 0.1),
    lagSeconds,
    ...(lagSeconds !== 0 && { lagWithinSeconds: LAG_MEASURED }),
  };
}

/** Every patch as it was fired: where exposures add up, in one firing more than the patch before. */
export function firedPatches(choices: StripChoices, lamp: Lamp): FiredPatch[] {
  const { firings } = planStrip(choices, lamp);
  const { addsUp } = stripMethods.find(({ id }) => id === choices.method)!;
  let sum = 0;
  return firings.map(({ dialSeconds }, index) => {
    sum += dialSeconds;
    return addsUp ? { dialSeconds: sum, firings: index + 1 } : { dialSeconds, firings: 1 };
  });
}

interface KeptStrip {
  readonly settingId: string;
  readonly choices: StripChoices;
  readonly lamp: Lamp;
  readonly highlight: { readonly position: number } | null;
  readonly shadow: { readonly position: number } | null;
}

function sessionStrip(strip: KeptStrip): SessionStrip {
  const { settingId, choices, lamp, highlight, shadow } = strip;
  return {
    settingId,
    patches: firedPatches(choices, lamp),
    ...(highlight && { highlight: highlight.position }),
    ...(shadow && { shadow: shadow.position }),
  };
}

/** A print in the logbook as evidence of its set-up. */
function evidence(print: Print): EarlierSession | undefined {
  const { setup, strips } = print;
  const seen = strips.filter(({ highlight, shadow }) => highlight ?? shadow);
  const kept = attempt(() =>
    seen.map((strip) => sessionStrip({ ...strip, lamp: setup.lamp })),
  ).value;
  const first = kept?.[0]?.patches;
  if (!kept || !first) return undefined;
  const toneOf = (place: 'highlight' | 'shadow', usual: ToneId): ToneId =>
    seen.map((strip) => strip[place]?.tone).find((tone) => tone !== undefined) ?? usual;
  return {
    prior: priorOf({
      contrastSetId: setup.contrastSetId,
      highlightTone: toneOf('highlight', 'VIII'),
      shadowTone: toneOf('shadow', 'II'),
      lagSeconds: setup.lamp.lagSeconds,
      first,
    }),
    strips: kept,
  };
}

/** Is a print evidence of the set-up that stands on the page now? */
export function sameSetup(print: Print, draft: PrintDraft): boolean {
  const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();
  return (
    draft.paper.trim() !== '' &&
    same(print.setup.paper, draft.paper) &&
    same(print.setup.enlarger, draft.enlarger) &&
    print.setup.contrastSetId === draft.contrastSetId &&
    print.madeAtMs > (draft.forgetBeforeMs ?? 0)
  );
}

/** What all strips of this session say, begun with what earlier prints in this set-up have taught. */
export interface Session {
  readonly reading: SessionReading;
  /** Prints that it learned from. */
  readonly learnedFrom: number;
  /** How well the settings are known, 95 times in 100: from one to the next in stops, and their range in R. */
  readonly knownStops: number;
  readonly knownRange: number;
}

export function sessionOf(
  draft: PrintDraft,
  current: KeptStrip,
  earlierPrints: readonly Print[],
): Attempt<Session> {
  return attempt(() => {
    const strips = [...draft.earlier, current].map(sessionStrip);
    const sessions = earlierPrints
      .filter((print) => sameSetup(print, draft))
      .sort((a, b) => a.madeAtMs - b.madeAtMs)
      .flatMap((print) => evidence(print) ?? []);
    const prior = priorOf({
      contrastSetId: draft.contrastSetId,
      highlightTone: draft.highlightTone,
      shadowTone: draft.shadowTone,
      lagSeconds: current.lamp.lagSeconds,
      first: strips[0]!.patches,
    });
    const begun = learnFrom(sessions, prior);
    const known = settingsKnown(begun);
    return {
      reading: readSession(begun, strips, certaintyOf(draft), 1),
      learnedFrom: sessions.length,
      knownStops: 1.96 * known.stopsSd,
      knownRange: 1.96 * known.rangeSd,
    };
  });
}
