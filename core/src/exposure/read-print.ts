import { sound } from '../quantity/sound.ts';
import type { ContrastSet, ContrastSetting } from '../paper/contrast-sets/set.ts';
import { settingOf } from '../paper/contrast-sets/index.ts';
import { solveContrast, type ContrastAnswer } from '../paper/contrast.ts';
import type { Paper } from '../paper/paper.ts';
import { STOP_IN_LOG } from '../quantity/stops.ts';
import { Refusal } from '../refusal.ts';
import type { Certainty } from './certainty.ts';
import { firedPatches, lightOfPatch, patchAt, type FiredPatch } from './fired-patch.ts';
import { stripFault, type StripFault } from './impossible.ts';
import { EYE_STOPS, seeLooks, slipOf, type Look } from './looks.ts';
import { advisePrint, type NoGain, type StripPart } from './next-strip.ts';
import { readPick, type PickReading } from './pick.ts';
import {
  beginBelief,
  expectedLight,
  eyeOf,
  lagOf,
  nextNegative,
  printWithin,
  settingOutlook,
  settingsKnown,
  type PrintBelief,
} from './print-belief.ts';
import type { Place, PrintPrior } from './print-prior.ts';
import { planStrip, type Lamp, type StripChoices } from './strip.ts';

/** A strip with what was seen on it. */
export interface SessionStrip {
  readonly settingId: string;
  readonly choices: StripChoices;
  readonly lamp: Lamp;
  /** The patch that is right for a place, index from 0; a half is between two. On one patch alone a word of `patchWords`. */
  readonly highlight?: number;
  readonly shadow?: number;
  /** What a second of then is worth now, where the set-up was changed since, and how far that may be out, stops. */
  readonly worth?: number;
  readonly doubtStops?: number;
}

/** A print made before in the same set-up: the tones it was meant for, and its strips. */
export interface EarlierPrint {
  readonly highlightDensity: number;
  readonly shadowDensity: number;
  readonly lamp: Lamp;
  readonly strips: readonly SessionStrip[];
}

/** All that is known while a print is worked out. */
export interface PrintSession {
  readonly paper: Paper;
  readonly set: ContrastSet;
  readonly highlightDensity: number;
  readonly shadowDensity: number;
  readonly lamp: Lamp;
  /** In the order in which they were made, at least one with a pick. */
  readonly strips: readonly SessionStrip[];
  /** Oldest first. */
  readonly earlier: readonly EarlierPrint[];
  readonly wanted: Pick<Certainty, 'stops' | 'range'>;
  /** Contrasts on one strip, 1 or 2. */
  readonly mostParts: number;
}

/** A look that does not fit the others. */
export interface OddLook {
  /** The strip's place in the session. */
  readonly strip: number;
  readonly place: Place;
  /** How much more (positive) or less light it asks for than all together, stops. */
  readonly stops: number;
  /** How probable it is that it was a slip. */
  readonly probability: number;
}

/** What all strips of a session say. */
export interface PrintReading {
  /** The setting to print at, and the light that the lamp's written lag is added to, s. */
  readonly setting: ContrastSetting;
  readonly seconds: number;
  /** 95 times in 100 the right time lies between these, s. */
  readonly lowSeconds: number;
  readonly highSeconds: number;
  readonly withinStops: number;
  /** 95 times in 100 the contrast is within this of what the negative asks for, R. */
  readonly withinRange: number;
  /** Highlight and shadow were both picked, on one strip or on two. */
  readonly bothSeen: boolean;
  /** The R that the negative asks for on this paper. */
  readonly wantedRange: number;
  /** What the setting leaves at the shadow: positive, it comes out that many stops too light. */
  readonly shadowLeftStops: number;
  readonly beyond: 'too-hard' | 'too-soft' | null;
  /** What was picked on the newest strip that was looked at, and the setting it was made at. */
  readonly made: ContrastSetting;
  readonly highlight: PickReading | null;
  readonly shadow: PickReading | null;
  /** That strip alone, by the paper's curve and by the bare formula; there when both were picked on it. */
  readonly alone: ContrastAnswer | null;
  /** What that strip has wrong with it as a whole. */
  readonly fault: StripFault | null;
  readonly odd: readonly OddLook[];
  /** Make the print, narrow further, or make a strip that reaches past this one's end. */
  readonly verdict: 'make-print' | 'narrow' | 'reach-further';
  /** Why no strip brings what was asked for, where it is not reached. */
  readonly noGain: NoGain | null;
  /** The next strip, one part or two side by side. */
  readonly next: readonly StripPart[];
  /** Its patches are exposed one by one, so that the lamp's lag is found. */
  readonly separately: boolean;
  /** The lag believed in, s, and one standard deviation; and how well the settings are known. */
  readonly lagSeconds: number;
  readonly lagSd: number;
  readonly settingsStopsSd: number;
  readonly settingsRangeSd: number;
  /** What the eye that looked is believed to err by, one standard deviation, stops. */
  readonly eyeStops: number;
}

/** What nobody has measured: how far each may be out. */
const UNMEASURED = { guessWithinStops: 3, speedWithinStops: 0.25, rangeWithinShare: 0.08 };
/** Settings that were measured on a paper are known this well. */
const MEASURED = { speedWithinStops: 0.1, rangeWithinShare: 0.03 };
/** A lag that was measured is known this well, s; one that was not is most lamps', give or take as much. */
const LAG_MEASURED = 0.03;
const LAG_UNKNOWN = {
  ...{ lagSeconds: 0.2, lagWithinSeconds: 0.2 },
  lagOddly: { share: 0.1, seconds: 0.6, withinSeconds: 0.4 },
};
/** Most eyes err as one does that has practised; some by twice as much. */
const EYES = [
  { times: 1, share: 0.92 },
  { times: 2, share: 0.08 },
] as const;
/** A look this probably a slip is named. */
const ODD = 0.25;
/** … and the most probable one, whenever what is said gets this much wider by what may be slips. */
const WIDER = 1.2;
/** After so many strips that were looked at another one is another try at the same. */
const ENOUGH_STRIPS = 8;
/** A guess is no less than this much light, s. */
const LEAST_GUESS = 0.1;

/** A strip as it was fired, and what was seen on it. */
interface Seen {
  readonly index: number;
  readonly patches: readonly FiredPatch[];
  readonly looks: readonly Look[];
  /** The coarsest steps come first: what is seen then never depends on the order in which strips were made. */
  readonly order: readonly (number | string)[];
}

function seenOn(strip: SessionStrip, index: number): Seen {
  const { settingId, choices, lamp, highlight, shadow, worth, doubtStops = 0 } = strip;
  const patches = firedPatches(choices, lamp).map((patch) => ({
    ...patch,
    ...(worth !== undefined && { worth }),
  }));
  const withinStops = Math.hypot(EYE_STOPS, doubtStops);
  const look = (place: Place, position: number | undefined): Look[] =>
    position === undefined ? [] : [{ settingId, patches, place, position, withinStops }];
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
}

function inOrder(strips: readonly SessionStrip[]): Seen[] {
  return strips
    .map(seenOn)
    .filter(({ looks }) => looks.length > 0)
    .sort((a, b) => {
      const at = a.order.findIndex((part, place) => part !== b.order[place]);
      return at === -1 ? 0 : a.order[at]! < b.order[at]! ? -1 : 1;
    });
}

function priorOf(
  { paper, set }: Pick<PrintSession, 'paper' | 'set'>,
  print: Pick<EarlierPrint, 'highlightDensity' | 'shadowDensity' | 'lamp'>,
  first: readonly FiredPatch[],
): PrintPrior {
  const lag =
    print.lamp.lagSeconds === 0
      ? LAG_UNKNOWN
      : { lagSeconds: print.lamp.lagSeconds, lagWithinSeconds: LAG_MEASURED };
  const worthOf = ({ dialSeconds, worth = 1 }: FiredPatch) => dialSeconds * worth;
  return {
    ...UNMEASURED,
    ...(set.calibrated && MEASURED),
    ...{ paper, set, eyes: EYES },
    highlightDensity: print.highlightDensity,
    shadowDensity: print.shadowDensity,
    // The middle of the strip is the guess that somebody made.
    guessSeconds: Math.max(
      Math.sqrt(worthOf(first[0]!) * worthOf(first.at(-1)!)),
      lag.lagSeconds + LEAST_GUESS,
    ),
    ...lag,
  };
}

function learned(session: PrintSession, prior: PrintPrior): PrintBelief {
  let belief: PrintBelief | undefined;
  for (const print of session.earlier) {
    const seen = inOrder(print.strips);
    if (seen.length === 0) continue;
    const own = priorOf(session, print, seen[0]!.patches);
    const begun = belief ? nextNegative(belief, own) : beginBelief(own);
    belief = seeLooks(
      begun,
      seen.flatMap(({ looks }) => looks),
    );
  }
  return belief ? nextNegative(belief, prior) : beginBelief(prior);
}

/** What prints have taught is asked for at every keystroke of the next one. */
const kept = new Map<string, PrintBelief>();
const MOST_KEPT = 8;

function begunWith(session: PrintSession, prior: PrintPrior): PrintBelief {
  if (session.earlier.length === 0) return beginBelief(prior);
  const key = JSON.stringify([session.paper, session.set, session.earlier, prior]);
  const known = kept.get(key);
  if (known) return known;
  const belief = learned(session, prior);
  if (kept.size >= MOST_KEPT) kept.delete(kept.keys().next().value!);
  kept.set(key, belief);
  return belief;
}

/** Would less be left open if every look were right? */
function isWidened(belief: PrintBelief, settingId: string, place: Place, withinStops: number) {
  const right = belief.cases.filter(({ of }) => of.slips.length === 0);
  if (right.length === belief.cases.length) return false;
  const sum = right.reduce((total, { weight }) => total + weight, 0);
  if (sum === 0) return true;
  const cases = right.map(({ weight, of }) => ({ weight: weight / sum, of }));
  const all = { prior: belief.prior, cases };
  const { dialSeconds } = settingOutlook(all, settingId, place);
  return withinStops > WIDER * printWithin(all, settingId, place, dialSeconds).stops;
}

/** The looks that are more probably slips than looks should be, with what they ask for. */
function oddLooks(belief: PrintBelief, seen: readonly Seen[], widened: boolean): OddLook[] {
  const lag = lagOf(belief).mean;
  const all = seen.flatMap(({ index, looks }) => looks.map((look) => ({ index, look })));
  const likeliest = Math.max(...all.map((_, at) => slipOf(belief, at)));
  const least = widened ? Math.min(ODD, likeliest) : ODD;
  return all
    .flatMap(({ index, look }, at): OddLook[] => {
      const probability = slipOf(belief, at);
      if (probability < least) return [];
      const { settingId, place, patches, position } = look;
      const picked = patchAt(patches, position);
      const expected = expectedLight(belief, settingId, place).mean;
      const stops = Math.log2(lightOfPatch(picked, lag)) - expected;
      return [{ strip: index, place, stops, probability }];
    })
    .sort((a, b) => b.probability - a.probability);
}

/** What the newest strip that was looked at shows by itself. */
function newestAlone(
  { paper, set, highlightDensity, shadowDensity }: PrintSession,
  strip: SessionStrip,
): Pick<PrintReading, 'made' | 'highlight' | 'shadow' | 'alone' | 'fault'> {
  const made = settingOf(set, strip.settingId);
  const seconds = planStrip(strip.choices, strip.lamp).patches.map((patch) => patch.givenSeconds);
  const read = (position: number | undefined) =>
    position === undefined ? null : readPick(seconds, position);
  const highlight = read(strip.highlight);
  const shadow = read(strip.shadow);
  if (!highlight || !shadow) return { made, highlight, shadow, alone: null, fault: null };
  const alone = solveContrast(paper, {
    range: made.range,
    highlightSeconds: highlight.seconds,
    shadowSeconds: shadow.seconds,
    highlightDensity,
    shadowDensity,
  });
  // A single patch has no ends.
  const fault =
    seconds.length > 1
      ? (stripFault(seconds.length, strip.highlight!, strip.shadow!) ?? null)
      : null;
  return { made, highlight, shadow, alone, fault };
}

/** One strip alone says that no light is hard or soft enough; it is believed where all together leave that much out. */
const BELIEVED = 12;

function beyondAlone(alone: ContrastAnswer | null, mismatch: number): PrintReading['beyond'] {
  return alone?.beyond && Math.abs(mismatch) > BELIEVED ? alone.beyond : null;
}

/**
 * Reads a print: all strips of its session together, begun with what earlier prints in the set-up have taught.
 * @param session paper and contrast set, the two tones, the lamp, the strips with what was picked, earlier prints, and how sure to be
 * @returns the setting and time with their certainty, what does not fit, and the next strip where one is worth its paper
 * @throws Refusal `no-pick` when nothing was picked, and as `planStrip`, `seeLooks`, `solveContrast`
 * @source the belief, look by look; time is for the highlights, grade is for the shadows
 * @example
 * readPrint({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, lamp: { lagSeconds: 0.2, timerStepSeconds: 0.1 }, strips: [{ settingId: "2", choices: { kind: "stops", method: "separate", firstSeconds: 4, step: 0.5, patches: 7 }, lamp: { lagSeconds: 0.2, timerStepSeconds: 0.1 }, highlight: 3, shadow: 3 }], earlier: [], wanted: certainties[1], mostParts: 1 }).setting.id // = "2"
 */
export function readPrint(session: PrintSession): PrintReading {
  sound(session);
  const { strips, wanted, lamp, mostParts } = session;
  const seen = inOrder(strips);
  const newest = strips.findLast(({ highlight, shadow }) => (highlight ?? shadow) !== undefined);
  if (!newest) {
    throw new Refusal('no-pick', '/highlight', 'Pick the patch where the highlight is right.');
  }
  const prior = priorOf(session, session, seen[0]!.patches);
  const belief = seeLooks(
    begunWith(session, prior),
    seen.flatMap(({ looks }) => looks),
  );
  const alone = newestAlone(session, newest);
  const has = (place: Place) => strips.some((strip) => strip[place] !== undefined);
  const bothSeen = has('highlight') && has('shadow');
  // One tone says nothing of the contrast: it is answered where it was seen.
  const only = bothSeen ? undefined : newest.settingId;
  const place: Place = has('highlight') ? 'highlight' : 'shadow';
  const advised = advisePrint(belief, wanted, lamp, mostParts, only);
  const enough = seen.length >= ENOUGH_STRIPS && advised.end === null;
  const advice = enough ? { ...advised, end: 'eye' as const, strip: [] } : advised;
  const { best } = advice;
  const { dialSeconds } =
    place === 'highlight' ? best : settingOutlook(belief, best.setting.id, place);
  const withinStops =
    place === 'highlight'
      ? advice.withinStops
      : printWithin(belief, best.setting.id, place, dialSeconds).stops;
  const seconds = dialSeconds - lamp.lagSeconds;
  const known = settingsKnown(belief);
  const lag = lagOf(belief);
  const next = advice.strip ?? [];
  const atEnd = (alone.highlight?.atEnd ?? alone.shadow?.atEnd ?? null) !== null;
  return {
    ...alone,
    setting: best.setting,
    seconds,
    lowSeconds: seconds / 2 ** withinStops,
    highSeconds: seconds * 2 ** withinStops,
    withinStops,
    withinRange: advice.withinRange,
    bothSeen,
    wantedRange: best.setting.range - best.mismatch,
    shadowLeftStops: best.mismatch / (100 * STOP_IN_LOG),
    beyond: bothSeen ? (advice.beyond ?? beyondAlone(alone.alone, best.mismatch)) : null,
    odd: oddLooks(belief, seen, isWidened(belief, best.setting.id, place, withinStops)),
    verdict: next.length === 0 ? 'make-print' : atEnd ? 'reach-further' : 'narrow',
    noGain: advice.end === 'sure' ? null : advice.end,
    next,
    separately: advice.separately ?? false,
    lagSeconds: lag.mean,
    lagSd: Math.sqrt(lag.variance),
    settingsStopsSd: known.stopsSd,
    settingsRangeSd: known.rangeSd,
    eyeStops: EYE_STOPS * eyeOf(belief),
  };
}
