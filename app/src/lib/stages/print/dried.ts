import {
  NINETY_FIVE,
  learnDryDown,
  learnLampBias,
  planStrip,
  type DryDown,
  type PaperBase,
  type SessionStrip,
} from '@katachron/core';
import type { PaperBody } from '../../nouns/paper/contract.ts';
import type { Print } from '../../nouns/print/contract.ts';
import { attempt } from '../../words/attempt.ts';
import { called, sameThing } from '../../words/called.ts';

/** Less than this nobody sees, stops. */
export const UNSEEN_STOPS = 1 / 24;
/** So many verdicts on a person’s own prints are taken off without being asked. */
const TAKEN_FROM = 3;

/** One patch that is right. */
const ONE_PATCH = { kind: 'stops', method: 'separate', step: 1, patches: 1 } as const;
const RIGHT = 0;

/**
 * What was said of a print's sheets when they were dry, each a look at a patch with the light that would have been right: how
 * far that lies from what the strips say tells how finely somebody sees. A change on purpose is taste, and of a split or flashed
 * sheet no single exposure is to be named.
 */
export function dryLooks({ setup, sheets, versions }: Print, dry: DryDown): SessionStrip[] {
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

/** How wet strips and dry prints differ on a paper, and how many prints have taught it. */
export interface LearnedDryDown extends DryDown {
  readonly prints: number;
  /** What was said of them, on average, stops. */
  readonly seenStops: number;
  /** What all other papers came out darker by besides their drying, and from how many prints: the lamp, and whoever looks. */
  readonly lamp?: { readonly stops: number; readonly prints: number };
  /** Enough prints were judged, and differ by more than verdicts scatter: it is taken off unless somebody says otherwise. */
  readonly isTaken: boolean;
  /** How far what is taken off may be out, stops: of a paper that nobody has judged dry it is the lamp’s part alone. */
  readonly takenWithin: number;
  readonly base?: PaperBase;
  /** It began with the paper's own test. */
  readonly tested?: true;
}

type Drying = Pick<PaperBody, 'name' | 'base' | 'dryDownStops'>;

/** What was said of the dry prints on a paper, as of its wet strips. */
const verdictsOn = (prints: readonly Print[]) =>
  prints.flatMap(({ sheets, versions }) =>
    sheets.flatMap(({ verdict, version }) => {
      if (verdict?.highlightStops === undefined) return [];
      // A sheet that was changed on purpose, or made lighter for drying, says of the strips what it says less that.
      const { change, dryDownStops = 0 } = versions.find(({ number }) => number === version) ?? {};
      return [verdict.highlightStops + dryDownStops - (change?.stops ?? 0)];
    }),
  );

/** What dry prints on the other papers say of the lamp under which all strips are looked at. */
function lampBias(others: readonly Print[], papers: readonly Drying[]) {
  const names = [
    ...new Map(others.map(({ setup }) => [setup.paper.trim().toLowerCase(), setup.paper])).values(),
  ];
  const dried = names.map((name) => {
    const kept = called(papers, name);
    return {
      verdicts: verdictsOn(others.filter(({ setup }) => sameThing(papers, setup.paper, name))),
      ...{ base: kept?.base, testedStops: kept?.dryDownStops },
    };
  });
  const prints = dried.reduce((sum, { verdicts }) => sum + verdicts.length, 0);
  return { ...learnLampBias(dried), prints };
}

/** What dry prints on this paper, its test, or its base alone, say of wet strips; nothing while neither is known. */
export function dryDownOf(
  paper: string,
  prints: readonly Print[],
  papers: readonly Drying[] = [],
): LearnedDryDown | undefined {
  const { base, dryDownStops: tested } = called(papers, paper) ?? ({} as Partial<Drying>);
  const own = (print: Print) => paper.trim() !== '' && sameThing(papers, print.setup.paper, paper);
  const verdicts = verdictsOn(prints.filter(own));
  const lamp = lampBias(
    prints.filter((print) => !own(print)),
    papers,
  );
  // What the lamp does is on every paper; what is left of the verdicts is this one's.
  const learned = learnDryDown(
    verdicts.map((verdict) => verdict - lamp.stops),
    base,
    tested,
  );
  const stops = learned.stops + lamp.stops;
  // What may be nothing but how verdicts scatter is not taken off by itself.
  const isTold = ({ stops: off, withinStops }: DryDown, from: number) =>
    from >= TAKEN_FROM && Math.abs(off) > Math.max(UNSEEN_STOPS, withinStops);
  const byLamp = isTold(lamp, lamp.prints);
  // What nobody sees wants no words before somebody has judged.
  if (verdicts.length === 0 && Math.abs(stops) < UNSEEN_STOPS) return undefined;
  const seenStops =
    verdicts.length === 0 ? 0 : verdicts.reduce((sum, each) => sum + each, 0) / verdicts.length;
  return {
    ...{ stops, withinStops: learned.withinStops, prints: verdicts.length, seenStops },
    ...(Math.abs(lamp.stops) >= UNSEEN_STOPS && {
      lamp: { stops: lamp.stops, prints: lamp.prints },
    }),
    isTaken: byLamp || isTold({ ...learned, stops }, verdicts.length),
    takenWithin: byLamp && verdicts.length === 0 ? lamp.withinStops : learned.withinStops,
    ...(base && { base }),
    ...(tested !== undefined && { tested: true as const }),
  };
}
