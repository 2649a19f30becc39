import { budgetOf, type BudgetPart } from './budget.ts';
import { sound } from '../quantity/sound.ts';
import type { ContrastSetting } from '../paper/contrast-sets/set.ts';
import { settingOf } from '../paper/contrast-sets/index.ts';
import { solveContrast, type ContrastAnswer } from '../paper/contrast.ts';
import { STOP_IN_LOG } from '../quantity/stops.ts';
import { Refusal } from '../refusal.ts';
import { lightOfPatch, patchAt } from './fired-patch.ts';
import { stripFault, type StripFault } from './impossible.ts';
import { seeLooks, slipOf } from './looks.ts';
import { advisePrint, onTimer, type NoGain, type StripPart } from './next-strip.ts';
import { readPick, type PickReading } from './pick.ts';
import {
  expectedLight,
  lagOf,
  nextHighlightLook,
  printWithin,
  settingOutlook,
  settingsKnown,
  type PrintBelief,
} from './print-belief.ts';
import type { Place } from './print-prior.ts';
import type { PrintSession, SessionStrip } from './print-session.ts';
import { anotherBoxOf } from './next-negative.ts';
import { misreadOf } from './see-probe.ts';
import { begunWith, inOrder, priorOf, seenOn, type Seen } from './session-belief.ts';
import { planStrip } from './strip.ts';

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
  /** What that is made of, largest first. */
  readonly budget: readonly BudgetPart[];
  /** 95 times in 100 the contrast is within this of what the negative asks for, R. */
  readonly withinRange: number;
  /** What tells the contrast: both places picked, on one strip or on two; or both read. */
  readonly contrastBy: 'picks' | 'readings' | null;
  /** The R that the negative asks for on this paper. */
  readonly wantedRange: number;
  /** What the setting leaves at the shadow: positive, it comes out that many stops too light. */
  readonly shadowLeftStops: number;
  readonly beyond: 'too-hard' | 'too-soft' | null;
  /** What was picked on the newest strip that was looked at, and the setting it was made at; not there before a look. */
  readonly made: ContrastSetting | null;
  readonly highlight: PickReading | null;
  readonly shadow: PickReading | null;
  /** That strip alone, by the paper's curve and by the bare formula; there when both were picked on it. */
  readonly alone: ContrastAnswer | null;
  /** What that strip has wrong with it as a whole. */
  readonly fault: StripFault | null;
  readonly odd: readonly OddLook[];
  /** How probable it is that the readings are of another place, or of a lamp that was changed since; 0 without any. */
  readonly misread: number;
  /** How probable it is that the paper is of another box than that of earlier prints, by more than its speed; 0 without any. */
  readonly anotherBox: number;
  /** The first of the earlier prints that was seen to be on another box than those before; what they taught of it is left aside. */
  readonly boxAt: number | null;
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
  /** What a look is believed to err by in the way that the next strip is looked at, one standard deviation, stops. */
  readonly eyeStops: number;
}

/** A look this probably a slip is named. */
const ODD = 0.25;
/** … and the most probable one, whenever what is said gets this much wider by what may be slips. */
const WIDER = 1.2;
/** After so many strips that were looked at another one is another try at the same. */
const ENOUGH_STRIPS = 8;
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
  strip: SessionStrip | undefined,
): Pick<PrintReading, 'made' | 'highlight' | 'shadow' | 'alone' | 'fault'> {
  if (!strip) return { made: null, highlight: null, shadow: null, alone: null, fault: null };
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

/** The newest strip on which something was picked. */
export const newestSeen = ({ strips }: PrintSession) =>
  strips.findLast(({ highlight, shadow }) => (highlight ?? shadow) !== undefined);

/** What tells the contrast of a session. */
export const contrastToldBy = ({ strips, readings }: PrintSession): PrintReading['contrastBy'] => {
  const has = (place: Place) => strips.some((strip) => strip[place] !== undefined);
  if (has('highlight') && has('shadow')) return 'picks';
  return readings ? 'readings' : null;
};

/** What all that was seen makes believe. */
export const believed = (session: PrintSession, first: Seen['patches']) => {
  const begun = begunWith(session, priorOf(session, session, first));
  const looks = inOrder(session.strips).flatMap((seen) => seen.looks);
  return { ...begun, ...seeLooks(begun, looks) };
};

/**
 * Reads a print: all strips of its session together, begun with what earlier prints in the set-up have taught.
 * @param session paper and contrast set, the two tones, the lamp, the strips with what was picked, what was read of the negative,
 *   earlier prints, and how sure to be
 * @returns the setting and time with their certainty, what does not fit, and the next strip where one is worth its paper
 * @throws Refusal `no-pick` when nothing was picked and nothing read, and as `planStrip`, `seeProbe`, `seeLooks`, `solveContrast`
 * @source the belief, look by look; time is for the highlights, grade is for the shadows
 * @example
 * readPrint({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, lamp: { lagSeconds: 0.2, timerStepSeconds: 0.1 }, strips: [{ settingId: "2", choices: { kind: "stops", method: "separate", firstSeconds: 4, step: 0.5, patches: 7 }, lamp: { lagSeconds: 0.2, timerStepSeconds: 0.1 }, highlight: 3, shadow: 3 }], earlier: [], wanted: certainties[1], mostParts: 1 }).setting.id // = "2"
 */
export function readPrint(session: PrintSession): PrintReading {
  sound(session);
  const { strips, wanted, lamp, mostParts, readings } = session;
  const seen = inOrder(strips);
  const newest = newestSeen(session);
  // Where places were read the first strip is only a guess, and need not have been fired.
  const first = newest ? seen[0] : readings && strips[0] && seenOn(strips[0], 0);
  if (!first) {
    throw new Refusal('no-pick', '/highlight', 'Pick the patch where the highlight is right.');
  }
  const belief = believed(session, first.patches);
  const alone = newestAlone(session, newest);
  const has = (place: Place) => strips.some((strip) => strip[place] !== undefined);
  const contrastBy = contrastToldBy(session);
  // One tone says nothing of the contrast: it is answered where it was seen.
  const only = contrastBy ? undefined : newest?.settingId;
  const place: Place = has('highlight') || !has('shadow') ? 'highlight' : 'shadow';
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
    budget: budgetOf(belief, best.setting.id, place, onTimer(dialSeconds, lamp), withinStops),
    withinRange: advice.withinRange,
    contrastBy,
    wantedRange: best.setting.range - best.mismatch,
    shadowLeftStops: best.mismatch / (100 * STOP_IN_LOG),
    beyond: contrastBy ? (advice.beyond ?? beyondAlone(alone.alone, best.mismatch)) : null,
    odd: oddLooks(belief, seen, isWidened(belief, best.setting.id, place, withinStops)),
    misread: misreadOf(belief),
    anotherBox: anotherBoxOf(belief),
    boxAt: belief.boxAt ?? null,
    verdict: next.length === 0 ? 'make-print' : atEnd ? 'reach-further' : 'narrow',
    noGain: advice.end === 'sure' ? null : advice.end,
    next,
    separately: advice.separately ?? false,
    lagSeconds: lag.mean,
    lagSd: Math.sqrt(lag.variance),
    settingsStopsSd: known.stopsSd,
    settingsRangeSd: known.rangeSd,
    eyeStops: nextHighlightLook(belief),
  };
}

/**
 * How far a look is expected to err, by what earlier prints have taught of whoever looks.
 * @param session as for `readPrint`; its first strip need not have been looked at
 * @returns one standard deviation, stops
 * @throws Refusal `no-strip` without any strip
 * @source mean over the eyes that there may be
 * @example
 * lookErrs({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, lamp: { lagSeconds: 0.2, timerStepSeconds: 0.1 }, strips: [{ settingId: "2", choices: { kind: "stops", method: "separate", firstSeconds: 4, step: 0.5, patches: 7 }, lamp: { lagSeconds: 0.2, timerStepSeconds: 0.1 } }], earlier: [], wanted: certainties[1], mostParts: 1 }) // ≈ 0.1083
 */
export function lookErrs(session: PrintSession): number {
  sound(session);
  const [first] = session.strips;
  if (!first) throw new Refusal('no-strip', '/strips', 'Plan a strip first.');
  return nextHighlightLook(begunWith(session, priorOf(session, session, seenOn(first, 0).patches)));
}
