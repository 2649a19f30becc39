import {
  NINETY_FIVE,
  certainties,
  convertSetup,
  learnDryDown,
  lookErrs,
  planStrip,
  readPrint,
  stripsExpected,
  toneById,
  type Certainty,
  type CertaintyId,
  type DryDown,
  type EarlierPrint,
  type Lamp,
  type LightSetup,
  type PaperBase,
  type PrintReading,
  type PrintSession,
  type SessionStrip,
  type SetupConversion,
  type StripChoices,
  type ToneId,
  type WayOfLookingId,
} from '@katachron/core';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import type { PaperBody } from '../../nouns/paper/contract.ts';
import type { Print } from '../../nouns/print/contract.ts';
import { attempt, type Attempt } from '../../words/attempt.ts';
import { type PaperFacts } from '../../nouns/paper/facts.ts';
import { usualStrip } from '../../nouns/strip/usual.ts';
import { sameName } from '../../words/same-name.ts';
import { probeReadings, readingsOf } from './read-places.ts';

/** Less than this nobody sees, stops. */
export const UNSEEN_STOPS = 1 / 24;
/** The certainty asked for. */
export function certaintyOf(draft: Pick<PrintDraft, 'certainty'>): Certainty & { id: CertaintyId } {
  return certainties.find(({ id }) => id === draft.certainty) ?? certainties[1];
}

/** What was seen at one look. */
interface Looked {
  readonly highlight: { readonly position: number } | null;
  readonly shadow: { readonly position: number } | null;
  readonly way?: WayOfLookingId;
}

interface KeptStrip extends Looked {
  readonly settingId: string;
  readonly choices: StripChoices;
  readonly lamp: Lamp;
  /** Where it was made; the set-up of now unless said. */
  readonly setup?: LightSetup;
}

const seen = ({ highlight, shadow }: Looked) => highlight !== null || shadow !== null;

/** All looks at a strip, each as if it were a strip of its own: what was exposed is the same. */
function looksAt<Strip extends Looked & { readonly again?: readonly Looked[] }>(strip: Strip) {
  const { again = [], way: _way, ...exposed } = strip;
  return [strip, ...again.map((look) => ({ ...exposed, ...look }))].filter(seen);
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
  const { settingId, choices, lamp, highlight, shadow, way } = strip;
  return {
    ...{ settingId, choices, lamp },
    ...(worth !== undefined && { worth }),
    ...(highlight && { highlight: highlight.position }),
    ...(shadow && { shadow: shadow.position }),
    ...(doubtStops !== undefined && { doubtStops }),
    ...(way && { way }),
  };
}

/** One patch that is right. */
const ONE_PATCH = { kind: 'stops', method: 'separate', step: 1, patches: 1 } as const;
const RIGHT = 0;

const densityOf = (tone: ToneId) => toneById(tone).netDensity;

/**
 * What was said of a print's sheets when they were dry, each a look at a patch with the light that would have been right: how
 * far that lies from what the strips say tells how finely somebody sees. A change on purpose is taste, and of a split or flashed
 * sheet no single exposure is to be named.
 */
function dryLooks({ setup, sheets, versions }: Print, dry: DryDown): SessionStrip[] {
  return sheets.flatMap(({ verdict, version }) => {
    const given = versions.find(({ number }) => number === version);
    if (verdict?.highlightStops === undefined || !given) return [];
    const { settingId, seconds, change, split, flashShare } = given;
    if (change ?? split ?? flashShare) return [];
    const firstSeconds = seconds * 2 ** (dry.stops - verdict.highlightStops);
    const choices = { ...ONE_PATCH, firstSeconds };
    // A patch so short that no timer dials it says nothing.
    if (!attempt(() => planStrip(choices, setup.lamp)).value) return [];
    const doubtStops = dry.withinStops / NINETY_FIVE;
    return [{ settingId, choices, lamp: setup.lamp, highlight: RIGHT, doubtStops }];
  });
}

/** A print in the logbook as evidence of its set-up; nothing where its strips cannot have been fired as they are written. */
function evidence(print: Print, dry: DryDown | undefined): EarlierPrint | undefined {
  const { setup, strips, readings } = print;
  const { lamp } = setup;
  const counted = strips.filter(({ worth }) => worth !== 0).flatMap(looksAt);
  if (counted.length === 0) return undefined;
  const fires = attempt(() =>
    counted.map(({ choices, lamp: own }) => planStrip(choices, own ?? lamp)),
  );
  if (!fires.value) return undefined;
  const toneOf = (place: 'highlight' | 'shadow', usual: ToneId): ToneId =>
    counted.map((strip) => strip[place]?.tone).find((tone) => tone !== undefined) ?? usual;
  return {
    highlightDensity: densityOf(toneOf('highlight', 'VIII')),
    shadowDensity: densityOf(toneOf('shadow', 'II')),
    lamp,
    strips: [
      ...counted.map(({ worth, lamp: own = lamp, ...strip }) =>
        sessionStrip({ ...strip, lamp: own }, worth === undefined ? {} : { worth }),
      ),
      ...(dry ? dryLooks(print, dry) : []),
    ],
    ...(readings && { readings: probeReadings(readings, setup, lamp.lagSeconds) }),
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
  /** What was said of them, on average, stops. */
  readonly seenStops: number;
  readonly base?: PaperBase;
  /** It began with the paper's own test. */
  readonly tested?: true;
}

/** What dry prints on this paper, its test, or its base alone, say of wet strips; nothing while neither is known. */
export function dryDownOf(
  paper: string,
  prints: readonly Print[],
  { base, dryDownStops: tested }: Partial<Pick<PaperBody, 'base' | 'dryDownStops'>> = {},
): LearnedDryDown | undefined {
  const verdicts = prints.flatMap(({ setup, sheets, versions }) =>
    paper.trim() !== '' && sameName(setup.paper, paper)
      ? sheets.flatMap(({ verdict, version }) => {
          if (verdict?.highlightStops === undefined) return [];
          // A sheet that was changed on purpose, or made lighter for drying, says of the strips what it says less that.
          const { change, dryDownStops = 0 } =
            versions.find(({ number }) => number === version) ?? {};
          return [verdict.highlightStops + dryDownStops - (change?.stops ?? 0)];
        })
      : [],
  );
  const learned = learnDryDown(verdicts, base, tested);
  // What nobody sees wants no words before somebody has judged.
  if (verdicts.length === 0 && Math.abs(learned.stops) < UNSEEN_STOPS) return undefined;
  const seenStops =
    verdicts.length === 0 ? 0 : verdicts.reduce((sum, stops) => sum + stops, 0) / verdicts.length;
  return {
    ...{ ...learned, prints: verdicts.length, seenStops },
    ...(base && { base }),
    ...(tested !== undefined && { tested: true as const }),
  };
}

/** What all strips of this session say, begun with what earlier prints in this set-up have taught. */
export interface Session {
  readonly reading: PrintReading;
  /** The number of each strip that was read, from 1 as they are counted on the page. */
  readonly numbers: readonly number[];
  /** Looks that do not fit and ask for another: a place of a strip that was looked at again has its answer. */
  readonly asks: PrintReading['odd'];
  /** Prints that it learned from. */
  readonly learnedFrom: readonly Print[];
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

/** Prints that teach for this one, oldest first, with what they teach. */
export function teachers(draft: PrintDraft, prints: readonly Print[], kept?: PaperFacts['kept']) {
  const dry = dryDownOf(draft.paper, prints, kept);
  return prints
    .filter((print) => sameSetup(print, draft) && !draft.leftOut?.includes(print.id))
    .sort((a, b) => a.madeAtMs - b.madeAtMs)
    .flatMap((print) => {
      const taught = evidence(print, dry);
      return taught ? [{ print, taught }] : [];
    });
}

/**
 * Where places were read and nothing was seen, any strip does for a first guess; that on the page would make the strip that is
 * advised depend on the one that stands there.
 */
const USUAL_GUESS = { choices: { ...usualStrip, method: 'separate' } } as const;

/** A session as the core reads it, with the number of each strip. */
export function printSession(
  draft: PrintDraft,
  current: readonly KeptStrip[],
  on: PaperFacts,
  now: LightSetup,
  earlier: readonly EarlierPrint[],
  lamp: Lamp,
): { readonly session: PrintSession; readonly numbers: readonly number[] } {
  const before = convertedStrips(draft, now)
    .filter(({ conversion }) => conversion.whole)
    .flatMap(({ number, strip, conversion }) =>
      looksAt(strip).map((look) => ({ number, look, conversion })),
    );
  const looked = current.filter(seen);
  const readings = readingsOf(draft, lamp.lagSeconds, now);
  const unseen = readings && before.length + looked.length === 0;
  return {
    session: {
      ...{ paper: on.paper, set: on.set, lamp, earlier },
      highlightDensity: densityOf(draft.highlightTone),
      shadowDensity: densityOf(draft.shadowTone),
      strips: [
        ...before.map(({ look, conversion }) => sessionStrip(look, countedBy(conversion))),
        ...looked.map((strip) => sessionStrip(strip)),
        ...(unseen ? [{ ...USUAL_GUESS, settingId: draft.settingId, lamp }] : []),
      ],
      ...(readings && { readings }),
      ...(draft.lookedAt && { way: draft.lookedAt }),
      wanted: certaintyOf(draft),
      mostParts: draft.sideBySide ? 2 : 1,
    },
    numbers: [
      ...before.map(({ number }) => number),
      ...looked.map((_, index) => draft.earlier.length + 1 + index),
    ],
  };
}

/**
 * What the strips of a session say, and what was read of the negative; the newest, of one contrast or of two side by side, may
 * not have been looked at yet. Strips whose set-up cannot be converted are left out, and there is no answer while nothing was
 * seen or read.
 */
export function sessionOf(
  draft: PrintDraft,
  current: readonly KeptStrip[],
  on: PaperFacts,
  now: LightSetup,
  earlierPrints: readonly Print[],
  lamp: Lamp,
): Attempt<Session> | undefined {
  const taught = teachers(draft, earlierPrints, on.kept);
  const earlier = taught.map(({ taught: print }) => print);
  const { session, numbers } = printSession(draft, current, on, now, earlier, lamp);
  if (session.strips.length === 0) return undefined;
  const again = (strip: number, place: 'highlight' | 'shadow') =>
    session.strips.some(
      (other, index) =>
        index > strip && numbers[index] === numbers[strip] && other[place] !== undefined,
    );
  const read = () => {
    const reading = readPrint(session);
    return { reading, asks: reading.odd.filter(({ strip, place }) => !again(strip, place)) };
  };
  return attempt(() => ({
    ...read(),
    numbers,
    learnedFrom: taught.map(({ print }) => print),
  }));
}

type Asked = Parameters<typeof sessionOf>;

/** A session of which nothing need have been seen yet. */
function sessionToCome(...[draft, current, on, now, prints, lamp]: Asked): PrintSession {
  const earlier = teachers(draft, prints, on.kept).map(({ taught }) => taught);
  const { session } = printSession(draft, current, on, now, earlier, lamp);
  const guess = { ...USUAL_GUESS, settingId: draft.settingId, lamp };
  return session.strips.length > 0 ? session : { ...session, strips: [guess] };
}

/** So many strips the advice expects before the print, the one that lies there unread included; nothing where that cannot be told. */
export const stripsToGo = (...asked: Asked) =>
  attempt(() => stripsExpected(sessionToCome(...asked))).value;

/** How far a look at the next strip is expected to err, stops; nothing where that cannot be told. */
export const nextLookErrs = (...asked: Asked) =>
  attempt(() => lookErrs(sessionToCome(...asked))).value;
