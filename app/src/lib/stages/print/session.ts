import {
  certainties,
  convertSetup,
  lookAgainReaches,
  lookErrs,
  peopleSeen,
  planStrip,
  readPrint,
  stripsExpected,
  toneById,
  type Certainty,
  type CertaintyId,
  type EarlierPrint,
  type Lamp,
  type LightSetup,
  type People,
  type PrintReading,
  type PrintSession,
  type SessionStrip,
  type SetupConversion,
  type StripChoices,
  type ToneId,
  type WayOfLookingId,
} from '@katachron/core';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import type { Print } from '../../nouns/print/contract.ts';
import { attempt, type Attempt } from '../../words/attempt.ts';
import { paperFacts, type PaperFacts } from '../../nouns/paper/facts.ts';
import { usualStrip } from '../../nouns/strip/usual.ts';
import { nameNow, sameThing } from '../../words/called.ts';
import { dryDownOf, dryLooks, type LearnedDryDown } from './dried.ts';
import { probeReadings, readingsOf } from './read-places.ts';
import type { Bench, SetupNow } from './setup-now.ts';

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
  /** Further looks at it. */
  readonly again?: readonly Looked[];
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

const densityOf = (tone: ToneId) => toneById(tone).netDensity;

/** A print in the logbook as evidence of its set-up; nothing where its strips cannot have been fired as they are written. */
function evidence(print: Print, dry: LearnedDryDown | undefined): EarlierPrint | undefined {
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

/** What papers and enlargers are called, and were. */
export type Shelves = Pick<Bench, 'papers' | 'enlargers'>;

/** Was a print made in the set-up that stands on the page now? */
const madeHere = ({ setup }: Print, draft: PrintDraft, { papers, enlargers }: Shelves): boolean =>
  draft.paper.trim() !== '' &&
  sameThing(papers, setup.paper, draft.paper) &&
  sameThing(enlargers, setup.enlarger, draft.enlarger) &&
  setup.contrastSetId === draft.contrastSetId;

/** Is a print evidence of the set-up that stands on the page now? */
export const sameSetup = (print: Print, draft: PrintDraft, shelves: Shelves): boolean =>
  madeHere(print, draft, shelves) && print.madeAtMs > (draft.forgetBeforeMs ?? 0);

/** What all strips of this session say, begun with what earlier prints in this set-up have taught. */
export interface Session {
  readonly reading: PrintReading;
  /** The number of each strip that was read, from 1 as they are counted on the page. */
  readonly numbers: readonly number[];
  /** Looks that do not fit and ask for another: a place of a strip that was looked at again has its answer. */
  readonly asks: PrintReading['odd'];
  /** A fresh look at the strip on the page should do, and costs no paper. */
  readonly lookAgain: boolean;
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

/** The light of now, and what its paper loses in long exposures. */
export type LightNow = Pick<SetupNow, 'setup' | 'loss'>;

/** What the changes of set-up since then do to a strip: a long time loses more than a short one, by the patch that was picked. */
function convertedTo({ setup, loss }: LightNow, strip: PrintDraft['earlier'][number]) {
  const from = strip.setup ?? setup;
  const seconds = attempt(() => {
    const { patches } = planStrip(strip.choices, strip.lamp);
    const at = (strip.highlight ?? strip.shadow)?.position ?? (patches.length - 1) / 2;
    return patches[Math.min(patches.length - 1, Math.max(0, Math.round(at)))]!.givenSeconds;
  }).value;
  return convertSetup(from, setup, seconds === undefined ? undefined : { seconds, loss });
}

/** The earlier strips of a session that are of its contrast set, with their conversions to the set-up of now. */
export function convertedStrips(
  { earlier, contrastSetId }: Pick<PrintDraft, 'earlier' | 'contrastSetId'>,
  now: LightNow,
): readonly ConvertedStrip[] {
  // A strip made with a filter says nothing about a dial, nor one with a grade about a filter of the same number.
  return earlier.flatMap((strip, index) =>
    (strip.contrastSetId ?? contrastSetId) === contrastSetId
      ? [{ number: index + 1, strip, conversion: convertedTo(now, strip) }]
      : [],
  );
}

/** What is kept of prints and papers, as far as it teaches. */
type Kept = Pick<Bench, 'evidence' | 'papers' | 'enlargers'>;

const oldestFirst = (prints: readonly Print[]) =>
  prints.toSorted((a, b) => a.madeAtMs - b.madeAtMs);

/** Prints that teach for this one, oldest first, with what they teach. */
export function teachers(draft: PrintDraft, kept: Kept) {
  const { evidence: prints, papers } = kept;
  const dry = dryDownOf(draft.paper, prints, papers);
  return oldestFirst(
    prints.filter((print) => sameSetup(print, draft, kept) && !draft.leftOut?.includes(print.id)),
  ).flatMap((print) => {
    const taught = evidence(print, dry);
    return taught ? [{ print, taught }] : [];
  });
}

/** So many of the newest prints in other set-ups tell how finely somebody sees. */
const MOST_ELSEWHERE = 12;

/** Who looks, by the newest prints in other set-ups. */
function peopleElsewhere(draft: PrintDraft, kept: Kept) {
  const { evidence: prints, papers, enlargers } = kept;
  const others = oldestFirst(prints.filter((print) => !madeHere(print, draft, kept)));
  const newest = others.slice(-MOST_ELSEWHERE);
  const setupOf = ({ setup }: Print) =>
    [nameNow(papers, setup.paper), nameNow(enlargers, setup.enlarger), setup.contrastSetId]
      .join('\n')
      .toLowerCase();
  return peopleSeen(
    [...new Set(newest.map(setupOf))].flatMap((setup) => {
      const of = newest.filter((print) => setupOf(print) === setup);
      const { paper: name, contrastSetId } = of[0]!.setup;
      const { paper, set } = paperFacts(name, contrastSetId, papers);
      const dry = dryDownOf(name, prints, papers);
      const earlier = of.flatMap((print) => evidence(print, dry) ?? []);
      return earlier.length > 0 ? [{ paper, set, earlier }] : [];
    }),
  );
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
  now: LightNow,
  earlier: readonly EarlierPrint[],
  lamp: Lamp,
  people?: People,
): { readonly session: PrintSession; readonly numbers: readonly number[] } {
  const before = convertedStrips(draft, now)
    .filter(({ conversion }) => conversion.whole)
    .flatMap(({ number, strip, conversion }) =>
      looksAt(strip).map((look) => ({ number, look, conversion })),
    );
  // What was picked at first is what stands on the page: it comes last, as the newest.
  const looked = current.flatMap((strip, index) =>
    looksAt(strip)
      .toReversed()
      .map((look) => ({ number: draft.earlier.length + 1 + index, look })),
  );
  const readings = readingsOf(draft, lamp.lagSeconds, now.setup);
  const unseen = readings && before.length + looked.length === 0;
  return {
    session: {
      ...{ paper: on.paper, set: on.set, lamp, earlier },
      highlightDensity: densityOf(draft.highlightTone),
      shadowDensity: densityOf(draft.shadowTone),
      strips: [
        ...before.map(({ look, conversion }) => sessionStrip(look, countedBy(conversion))),
        ...looked.map(({ look }) => sessionStrip(look)),
        ...(unseen ? [{ ...USUAL_GUESS, settingId: draft.settingId, lamp }] : []),
      ],
      ...(readings && { readings }),
      ...(draft.lookedAt && { way: draft.lookedAt }),
      ...(people && { people }),
      wanted: certaintyOf(draft),
      mostParts: draft.sideBySide ? 2 : 1,
    },
    numbers: [...before.map(({ number }) => number), ...looked.map(({ number }) => number)],
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
  now: LightNow,
  bench: Kept,
  lamp: Lamp,
): Attempt<Session> | undefined {
  const taught = teachers(draft, bench);
  const earlier = taught.map(({ taught: print }) => print);
  const people = attempt(() => peopleElsewhere(draft, bench)).value;
  const { session, numbers } = printSession(draft, current, on, now, earlier, lamp, people);
  if (session.strips.length === 0) return undefined;
  const read = () => {
    const reading = readPrint(session);
    const isOdd = (strip: number, place: 'highlight' | 'shadow') =>
      reading.odd.some((one) => one.strip === strip && one.place === place);
    // Another look at the same place that fits is its answer.
    const answered = (strip: number, place: 'highlight' | 'shadow') =>
      session.strips.some(
        (other, index) =>
          index !== strip &&
          numbers[index] === numbers[strip] &&
          other[place] !== undefined &&
          !isOdd(index, place),
      );
    const once = current.filter((strip) => seen(strip) && (strip.again ?? []).length < 2);
    return {
      reading,
      asks: reading.odd.filter(({ strip, place }) => !answered(strip, place)),
      lookAgain:
        reading.verdict === 'narrow' &&
        reading.contrastBy !== null &&
        once.every(({ choices }) => choices.patches > 1) &&
        lookAgainReaches(
          session,
          once.map((strip) => sessionStrip(strip)),
        ),
    };
  };
  return attempt(() => ({
    ...read(),
    numbers,
    learnedFrom: taught.map(({ print }) => print),
  }));
}

type Asked = Parameters<typeof sessionOf>;

/** A session of which nothing need have been seen yet. */
function sessionToCome(...[draft, current, on, now, bench, lamp]: Asked): PrintSession {
  const earlier = teachers(draft, bench).map(({ taught }) => taught);
  const people = attempt(() => peopleElsewhere(draft, bench)).value;
  const { session } = printSession(draft, current, on, now, earlier, lamp, people);
  const guess = { ...USUAL_GUESS, settingId: draft.settingId, lamp };
  return session.strips.length > 0 ? session : { ...session, strips: [guess] };
}

/** So many strips the advice expects before the print, the one that lies there unread included; nothing where that cannot be told. */
export const stripsToGo = (...asked: Asked) =>
  attempt(() => stripsExpected(sessionToCome(...asked))).value;

/** How far a look at the next strip is expected to err, stops; nothing where that cannot be told. */
export const nextLookErrs = (...asked: Asked) =>
  attempt(() => lookErrs(sessionToCome(...asked))).value;
