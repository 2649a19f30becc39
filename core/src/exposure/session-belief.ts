import type { ContrastSet } from '../paper/contrast-sets/set.ts';
import { seeLooks, type Look } from './looks.ts';
import { anybody } from './ways-of-looking.ts';
import { firedPatches, type FiredPatch } from './fired-patch.ts';
import { BOX_NOTICED, anotherBoxOf, nextNegative, onAnotherScale } from './next-negative.ts';
import { beginBelief, type PrintBelief } from './print-belief.ts';
import type { Place, PrintPrior } from './print-prior.ts';
import type { EarlierPrint, PrintSession, SessionStrip } from './print-session.ts';
import { seeProbe, type ProbeReadings } from './see-probe.ts';

/** What nobody has measured: how far each may be out. */
const UNMEASURED = { guessWithinStops: 3, speedWithinStops: 0.25, rangeWithinShare: 0.08 };
/** Settings that were measured on a paper, nobody says how, are known this well. */
const MEASURED = { speedWithinStops: 0.1, rangeWithinShare: 0.03 };
/** A test knows the evening on which it was made: developer, box and hands of another one differ by so much. */
const EVENINGS = { speedWithinStops: 0.05, rangeWithinShare: 0.02 };
/** One print in fifty is the first of another box that is more than faster or slower; what was measured was the old one. */
const ANOTHER_BOX = {
  share: 0.02,
  speedWithinStops: 0.25,
  rangeWithinShare: 0.08,
  ownSpeedStops: 0.3,
};
/** A lag that was measured is known this well, s; one that was not is most lamps', give or take as much. */
const LAG_MEASURED = 0.03;
const LAG_UNKNOWN = {
  ...{ lagSeconds: 0.2, lagWithinSeconds: 0.2 },
  lagOddly: { share: 0.1, seconds: 0.6, withinSeconds: 0.4 },
};
/** A guess is no less than this much light, s. */
const LEAST_GUESS = 0.1;

/** How far the measured settings of a set may be out. */
const settingsKnown = ({ within }: ContrastSet) =>
  within
    ? {
        speedWithinStops: Math.hypot(within.speedStops, EVENINGS.speedWithinStops),
        rangeWithinShare: Math.hypot(within.rangeShare, EVENINGS.rangeWithinShare),
      }
    : MEASURED;

const usesCard = ({ way, strips, earlier }: Teaching) =>
  [{ way }, ...strips, ...earlier.flatMap((print) => print.strips)].some(
    (one) => one.way === 'card',
  );

/** A strip as it was fired, and what was seen on it. */
export interface Seen {
  readonly index: number;
  readonly patches: readonly FiredPatch[];
  readonly looks: readonly Look[];
  /** The coarsest steps come first: what is seen then never depends on the order in which strips were made. */
  readonly order: readonly (number | string)[];
}

/** A strip with its looks; `index` is its place in the session. */
export const seenOn = (strip: SessionStrip, index: number): Seen => {
  const { settingId, choices, lamp, highlight, shadow, worth, doubtStops = 0, way = 'eye' } = strip;
  const patches = firedPatches(choices, lamp).map((patch) => ({
    ...patch,
    ...(worth !== undefined && { worth }),
  }));
  const look = (place: Place, position: number | undefined): Look[] =>
    position === undefined ? [] : [{ settingId, patches, place, position, doubtStops, way }];
  const [first, last] = [patches[0]!.dialSeconds, patches.at(-1)!.dialSeconds];
  return {
    index,
    patches,
    looks: [...look('highlight', highlight), ...look('shadow', shadow)],
    order: [
      patches.length === 1 ? 1 : -Math.log2(last / first) / (patches.length - 1),
      settingId,
      first,
      highlight ?? -9,
      shadow ?? -9,
    ],
  };
};

/** The strips that were looked at. */
export const inOrder = (strips: readonly SessionStrip[]): Seen[] =>
  strips
    .map(seenOn)
    .filter(({ looks }) => looks.length > 0)
    .sort((a, b) => {
      const at = a.order.findIndex((part, place) => part !== b.order[place]);
      return at === -1 ? 0 : a.order[at]! < b.order[at]! ? -1 : 1;
    });

/** What is taken for granted of a print whose first strip has these patches. */
export const priorOf = (
  session: Teaching,
  print: Pick<EarlierPrint, 'highlightDensity' | 'shadowDensity' | 'lamp'>,
  first: readonly FiredPatch[],
): PrintPrior => {
  const lag =
    print.lamp.lagSeconds === 0
      ? LAG_UNKNOWN
      : { lagSeconds: print.lamp.lagSeconds, lagWithinSeconds: LAG_MEASURED };
  const { paper, set, way = 'eye', people = anybody } = session;
  const worthOf = ({ dialSeconds, worth = 1 }: FiredPatch) => dialSeconds * worth;
  return {
    ...UNMEASURED,
    ...(set.calibrated && settingsKnown(set)),
    ...{ paper, set, lookedAt: way, eyes: people.eyes, anotherBox: ANOTHER_BOX },
    // Nobody is asked how good a card is before one was laid beside anything.
    ...(usesCard(session) && { cards: people.cards }),
    highlightDensity: print.highlightDensity,
    shadowDensity: print.shadowDensity,
    // The middle of the strip is the guess that somebody made.
    guessSeconds: Math.max(
      Math.sqrt(worthOf(first[0]!) * worthOf(first.at(-1)!)),
      lag.lagSeconds + LEAST_GUESS,
    ),
    ...lag,
  };
};

/** As much of a session as its earlier prints are read with. */
export type Teaching = Pick<
  PrintSession,
  'paper' | 'set' | 'earlier' | 'strips' | 'readings' | 'way' | 'people'
>;

/** What prints have taught. */
interface Taught extends PrintBelief {
  /** Which of them was the first that was seen to be on another box of paper. */
  readonly boxAt?: number;
}

/** What earlier prints make believe, the last of them still in the enlarger. */
export const lessons = (session: Teaching) => {
  const { readings, earlier } = session;
  // Prints on the scale of now come last, so that its constant is what is known in the end.
  const other = ({ readings: then }: EarlierPrint) => then?.scale !== readings?.scale;
  let belief: PrintBelief | undefined;
  let scale: string | undefined;
  let boxAt: number | undefined;
  for (const print of [...earlier.filter(other), ...earlier.filter((one) => !other(one))]) {
    const seen = inOrder(print.strips);
    if (seen.length === 0) continue;
    const own = priorOf(session, print, seen[0]!.patches);
    const begun = belief ? nextNegative(belief, own) : beginBelief(own);
    belief = seeLooks(
      print.readings ? seeProbe(onScale(begun, scale, print.readings), print.readings) : begun,
      seen.flatMap(({ looks }) => looks),
    );
    scale = print.readings?.scale ?? scale;
    if (anotherBoxOf(belief) > BOX_NOTICED) boxAt = earlier.indexOf(print);
  }
  return { belief, scale, boxAt };
};

function learned(session: PrintSession, prior: PrintPrior): Taught {
  const { belief, scale, boxAt } = lessons(session);
  const { readings } = session;
  if (!belief) return beginBelief(prior);
  const begun = nextNegative(belief, prior);
  return {
    ...(readings ? onScale(begun, scale, readings) : begun),
    ...(boxAt !== undefined && { boxAt }),
  };
}

const onScale = (belief: PrintBelief, scale: string | undefined, now: ProbeReadings) =>
  scale === undefined || scale === now.scale ? belief : onAnotherScale(belief);

/** What prints have taught is asked for at every keystroke of the next one. */
const kept = new Map<string, Taught>();
const MOST_KEPT = 8;

function learnedOnce(session: PrintSession, prior: PrintPrior): Taught {
  if (session.earlier.length === 0) return beginBelief(prior);
  const { paper, set, earlier, readings } = session;
  const key = JSON.stringify([paper, set, earlier, prior, readings?.scale, session.people]);
  const known = kept.get(key);
  if (known) return known;
  const belief = learned(session, prior);
  if (kept.size >= MOST_KEPT) kept.delete(kept.keys().next().value!);
  kept.set(key, belief);
  return belief;
}

/** What is believed of a print before its first look: by earlier prints, and by what was read of its negative. */
export const begunWith = (session: PrintSession, prior: PrintPrior): Taught => {
  const begun = learnedOnce(session, prior);
  return session.readings ? { ...begun, ...seeProbe(begun, session.readings) } : begun;
};
