import {
  certainties,
  convertSetup,
  learnDryDown,
  learnFrom,
  planStrip,
  readSession,
  settingsKnown,
  stripMethods,
  toneById,
  type Certainty,
  type CertaintyId,
  type DryDown,
  type EarlierSession,
  type FiredPatch,
  type Lamp,
  type LightSetup,
  type PaperBase,
  type PrintPrior,
  type SessionReading,
  type SessionStrip,
  type SetupConversion,
  type StripChoices,
  type ToneId,
} from '@katachron/core';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import type { Print } from '../../nouns/print/contract.ts';
import { attempt, type Attempt } from '../../words/attempt.ts';
import { sameName, type PaperFacts } from '../../nouns/paper/facts.ts';

/** Less than this nobody sees, stops. */
export const UNSEEN_STOPS = 1 / 24;
/** What nobody has measured: how far each may be out. */
const UNMEASURED = {
  guessWithinStops: 3,
  speedWithinStops: 0.25,
  rangeWithinShare: 0.08,
  lagWithinSeconds: 0.2,
};
/** Settings that were measured on a paper are known this well. */
const MEASURED = { speedWithinStops: 0.1, rangeWithinShare: 0.03 };
/** A lag that was measured is known this well, s. */
const LAG_MEASURED = 0.03;

/** The certainty asked for. */
export function certaintyOf(draft: Pick<PrintDraft, 'certainty'>): Certainty & { id: CertaintyId } {
  return certainties.find(({ id }) => id === draft.certainty) ?? certainties[1];
}

/** What is taken for granted before a session's first strip: its middle is the first guess. */
function priorOf(facts: {
  readonly on: Pick<PaperFacts, 'paper' | 'set'>;
  readonly highlightTone: ToneId;
  readonly shadowTone: ToneId;
  readonly lagSeconds: number;
  readonly first: readonly FiredPatch[];
}): PrintPrior {
  const { first, lagSeconds, on } = facts;
  const worthOf = (patch: FiredPatch | undefined) =>
    patch ? patch.dialSeconds * (patch.worth ?? 1) : 10;
  const middle = Math.sqrt(worthOf(first[0]) * worthOf(first.at(-1)));
  return {
    ...UNMEASURED,
    ...(on.set.calibrated && MEASURED),
    paper: on.paper,
    set: on.set,
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
  /** Where it was made; the set-up of now unless said. */
  readonly setup?: LightSetup;
}

/** How a strip counts in another set-up than its own. */
interface Converted {
  readonly worth?: number;
  readonly doubtStops?: number;
}

/** How a conversion makes a strip count. */
const countedBy = ({ changes, factor, doubtStops }: SetupConversion): Converted =>
  changes.length > 0 ? { worth: factor, doubtStops } : {};

function sessionStrip(strip: KeptStrip, { worth, doubtStops }: Converted = {}): SessionStrip {
  const { settingId, choices, lamp, highlight, shadow } = strip;
  return {
    settingId,
    patches: firedPatches(choices, lamp).map((patch) => ({
      ...patch,
      ...(worth !== undefined && { worth }),
    })),
    ...(highlight && { highlight: highlight.position }),
    ...(shadow && { shadow: shadow.position }),
    ...(doubtStops !== undefined && { doubtStops }),
  };
}

/** A print in the logbook as evidence of its set-up. */
function evidence(print: Print, on: PaperFacts): EarlierSession | undefined {
  const { setup, strips } = print;
  const counted = strips.filter(
    ({ highlight, shadow, worth }) => (highlight ?? shadow) && worth !== 0,
  );
  const kept = attempt(() =>
    counted.map(({ worth, ...strip }) =>
      sessionStrip({ ...strip, lamp: setup.lamp }, worth === undefined ? {} : { worth }),
    ),
  ).value;
  const first = kept?.[0]?.patches;
  if (!kept || !first) return undefined;
  const toneOf = (place: 'highlight' | 'shadow', usual: ToneId): ToneId =>
    counted.map((strip) => strip[place]?.tone).find((tone) => tone !== undefined) ?? usual;
  return {
    prior: priorOf({
      on,
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
  return (
    draft.paper.trim() !== '' &&
    sameName(print.setup.paper, draft.paper) &&
    sameName(print.setup.enlarger, draft.enlarger) &&
    print.setup.contrastSetId === draft.contrastSetId &&
    print.madeAtMs > (draft.forgetBeforeMs ?? 0)
  );
}

/** How wet strips and dry prints differ on a paper, and how many prints have taught it. */
export interface LearnedDryDown extends DryDown {
  readonly prints: number;
  readonly base?: PaperBase;
}

/** What dry prints on this paper, or its base alone, say of wet strips; nothing while neither is known. */
export function dryDownOf(
  paper: string,
  prints: readonly Print[],
  base?: PaperBase,
): LearnedDryDown | undefined {
  const verdicts = prints.flatMap(({ setup, sheets }) =>
    paper.trim() !== '' && sameName(setup.paper, paper)
      ? sheets.flatMap(({ verdict }) => verdict?.highlightStops ?? [])
      : [],
  );
  const learned = learnDryDown(verdicts, base);
  // What nobody sees wants no words before somebody has judged.
  if (verdicts.length === 0 && Math.abs(learned.stops) < UNSEEN_STOPS) return undefined;
  return { ...learned, prints: verdicts.length, ...(base && { base }) };
}

/** What all strips of this session say, begun with what earlier prints in this set-up have taught. */
export interface Session {
  readonly reading: SessionReading;
  /** Highlight and shadow were both picked, on this strip or on others. */
  readonly bothSeen: boolean;
  /** Prints that it learned from. */
  readonly learnedFrom: readonly Print[];
  /** How well the settings are known, 95 times in 100: from one to the next in stops, and their range in R. */
  readonly knownStops: number;
  readonly knownRange: number;
}

/** An earlier strip, and what the changes of set-up since then do to it. */
export interface ConvertedStrip {
  /** From 1, as strips are counted on the page. */
  readonly number: number;
  readonly strip: PrintDraft['earlier'][number];
  readonly conversion: SetupConversion;
}

/** The earlier strips of a session that are of its contrast set, with their conversions to the set-up of now. */
export function convertedStrips(
  { earlier, contrastSetId }: Pick<PrintDraft, 'earlier' | 'contrastSetId'>,
  now: LightSetup,
): readonly ConvertedStrip[] {
  // A strip made with a filter says nothing about a dial, nor one with a grade about a filter of the same number.
  return earlier.flatMap((strip, index) =>
    (strip.contrastSetId ?? contrastSetId) === contrastSetId
      ? [{ number: index + 1, strip, conversion: convertSetup(strip.setup ?? now, now) }]
      : [],
  );
}

const seen = ({ highlight, shadow }: KeptStrip) => highlight !== null || shadow !== null;

/**
 * What the strips of a session say; the newest, of one contrast or of two side by side, may not have been looked at yet. Strips whose set-up cannot be converted are
 * left out, and there is no answer while nothing was seen.
 */
export function sessionOf(
  draft: PrintDraft,
  current: readonly KeptStrip[],
  on: PaperFacts,
  now: LightSetup,
  earlierPrints: readonly Print[],
): Attempt<Session> | undefined {
  const earlier = convertedStrips(draft, now).filter(
    ({ strip, conversion }) => conversion.whole && seen(strip),
  );
  const looked = current.filter(seen);
  if (earlier.length === 0 && looked.length === 0) return undefined;
  return attempt(() => {
    const strips = [
      ...earlier.map(({ strip, conversion }) => sessionStrip(strip, countedBy(conversion))),
      ...looked.map((strip) => sessionStrip(strip)),
    ];
    const teaching = earlierPrints
      .filter((print) => sameSetup(print, draft) && !draft.leftOut?.includes(print.id))
      .sort((a, b) => a.madeAtMs - b.madeAtMs)
      .flatMap((print) => {
        const session = evidence(print, on);
        return session ? [{ print, session }] : [];
      });
    const sessions = teaching.map(({ session }) => session);
    const taught = teaching.map(({ print }) => print);
    const prior = priorOf({
      on,
      highlightTone: draft.highlightTone,
      shadowTone: draft.shadowTone,
      lagSeconds: current[0]!.lamp.lagSeconds,
      first: strips[0]!.patches,
    });
    const begun = learnFrom(sessions, prior);
    const known = settingsKnown(begun);
    const has = (place: 'highlight' | 'shadow') => strips.some((one) => one[place] !== undefined);
    return {
      reading: readSession(begun, strips, certaintyOf(draft), draft.sideBySide ? 2 : 1),
      bothSeen: has('highlight') && has('shadow'),
      learnedFrom: taught,
      knownStops: 1.96 * known.stopsSd,
      knownRange: 1.96 * known.rangeSd,
    };
  });
}
