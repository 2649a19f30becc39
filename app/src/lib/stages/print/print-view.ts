import {
  addStops,
  dialFor,
  keepTone,
  patchesInWords,
  planStrip,
  readPick,
  settingOf,
  stripKinds,
  toneById,
  toneWord,
  tonesAt,
  type ContrastSet,
  type ContrastSetting,
  type Firing,
  type Lamp,
  type PrintReading,
  type Strip,
  type StripChoices,
  type ToneId,
} from '@katachron/core';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import type { Print } from '../../nouns/print/contract.ts';
import { attempt, type Attempt } from '../../words/attempt.ts';
import { parseDecimal } from '../../words/decimal.ts';
import { enlargerSeconds } from '../../words/duration.ts';
import {
  bracketWords,
  contrastFigures,
  dryWords,
  lagReason,
  togetherReason,
  printReason,
  sessionWords,
  stripAdvice,
  timeKnown,
} from './reason.ts';
import { changeReason, changedReading } from './changed-reading.ts';
import { conversionSentences, otherSetsWords } from './setup-change.ts';
import { stepWanted } from '../../words/strip-step.ts';
import { paperFacts, type PaperFacts } from '../../nouns/paper/facts.ts';
import { curvePlot, type CurvePlot } from './curve-plot.ts';
import { planOf, type AreaLine, type PrintPlanView, type Unplanned } from './plan.ts';
import { rulerFor, type Ruler } from './ruler.ts';
import { flashGiven, type FlashGiven } from './flash-given.ts';
import { flashView, splitView, type FlashView, type SplitView } from './split-view.ts';
import { budgetWords } from './budget-words.ts';
import { dryDownOf } from './dried.ts';
import { certaintyOf, convertedStrips, sessionOf, stripsToGo } from './session.ts';
import { emptyBench, setupNow, type Bench, type SetupNow } from './setup-now.ts';

/** A tone as a patch shows it, for the place that is looked at. */
export interface PatchTone {
  readonly density: number;
  readonly word: string;
}

/** A pick, and what its place on the strip got. */
export interface PickedAt {
  readonly position: number;
  readonly seconds: number;
}

/** A strip, or one of two contrasts on it: what it shows, and what was picked on it. */
export interface StripHalf {
  readonly setting: ContrastSetting;
  readonly choices: StripChoices;
  readonly strip: Strip;
  readonly firings: readonly (Firing & { readonly dial: string })[];
  readonly ruler: Ruler;
  /** Expected tones of the patches; not there while nothing says which patch is right. */
  readonly lightTones?: readonly PatchTone[];
  readonly darkTones?: readonly PatchTone[];
  readonly highlight?: PickedAt;
  readonly shadow?: PickedAt;
}

/** What earlier strips and readings say while nothing was picked on the one on the page. */
export interface SoFar {
  readonly setting: ContrastSetting;
  /** Not there while a first strip is still to find the time. */
  readonly dial?: string;
  readonly withinStops: number;
  readonly withinRange: number;
}

/** Everything the print page shows, from what was typed. */
export interface PrintView {
  readonly now: SetupNow;
  readonly on: PaperFacts;
  /** What changes of the set-up did to the strips before, a sentence each. */
  readonly conversions: readonly string[];
  readonly soFar?: SoFar;
  /** What all that was seen and read says, whether the strip on the page was looked at or not. */
  readonly together?: PrintReading;
  /** The paper's curve at the answer, with the negative laid on it. */
  readonly plot?: CurvePlot;
  /** What the timer cannot do, in a sentence. */
  readonly tooLong?: string;
  readonly set: ContrastSet;
  readonly setting: ContrastSetting;
  readonly timerStep: number;
  readonly lagSeconds: number;
  /** The lamp as the strip on the page was dialled for it. */
  readonly stripLamp: Lamp;
  readonly choices?: StripChoices;
  readonly strip?: Strip;
  readonly firings: readonly (Firing & { readonly dial: string })[];
  readonly ruler?: Ruler;
  readonly lightTones?: readonly PatchTone[];
  readonly darkTones?: readonly PatchTone[];
  readonly highlight?: PickedAt;
  readonly shadow?: PickedAt;
  /** The other contrast on the same sheet, and what is wrong with what was typed for it. */
  readonly beside?: StripHalf;
  readonly besideTrouble?: string;
  /** Prints that the answer has learned from. */
  readonly taughtBy?: readonly Print[];
  readonly reading?: PrintReading;
  /** The answer as a soft and a hard exposure, and with a flash, where they are asked for. */
  readonly split?: SplitView;
  readonly flash?: FlashView & FlashGiven;
  /** What earlier prints in this set-up have taught, in a sentence. */
  readonly learned?: string;
  /** The lamp's lag that the strips have told, s, where nobody has measured it. */
  readonly lagFound?: number;
  /** This paper does not fit what earlier prints taught, in a sentence. */
  readonly otherBox?: string;
  /** A look that does not fit the others, in a sentence. */
  readonly contradiction?: string;
  /** What the whole strip has wrong with it. */
  readonly fault?: string;
  /** What the print gets, s: the answer, less what dries darker where that is taken off. */
  readonly printSeconds?: number;
  /** The same, rounded as the timer can. */
  readonly dial?: string;
  /** What dry prints on this paper have taught, in a sentence; and how much of that is taken off, stops. */
  readonly dry?: string;
  readonly dryStops?: number;
  readonly dryTakenStops?: number;
  /** 95 times in 100 the print is within this, with what is taken off for drying, stops. */
  readonly withinStops?: number;
  readonly reasons: readonly string[];
  /** "Between 8.7 and 12.8 s." */
  readonly bracket?: string;
  /** What the ± of the time is made of, largest first, and what makes it smaller. */
  readonly budget?: string;
  readonly figures?: string;
  readonly advice?: string;
  /** A fresh look at the strip on the page should do, and costs no paper. */
  readonly lookAgain?: true;
  /** The same print one setting softer, and one harder, a sentence each. */
  readonly neighbours: readonly string[];
  /** How far apart the settings are that the picks still allow, in settings. */
  readonly settingsWithin?: number;
  readonly refusal?: string;
  readonly troubles: Partial<Record<'lag' | 'timerStep' | 'first' | 'step' | 'patches', string>>;
  readonly areas: readonly AreaLine[];
  /** What it takes, firing by firing. */
  readonly plan: PrintPlanView;
}

/** Which field of the page a refusal of the strip belongs to. */
const fieldOf: Record<string, keyof PrintView['troubles']> = {
  '/firstSeconds': 'first',
  '/step': 'step',
  '/patches': 'patches',
  '/timerStepSeconds': 'timerStep',
  '/lagSeconds': 'lag',
};

/** Works the print page out: the same answer for the same draft. */
export function printView(draft: PrintDraft, bench: Bench = emptyBench): PrintView {
  const view = unplanned(draft, bench);
  const plan = planOf(draft, view);
  return { ...view, plan, areas: plan.areas };
}

/** All but what the print takes. */
function unplanned(draft: PrintDraft, bench: Bench): Unplanned {
  const on = paperFacts(draft.paper, draft.contrastSetId, bench.papers);
  const { set } = on;
  const now = setupNow(draft, bench);
  const setting = attempt(() => settingOf(set, draft.settingId)).value ?? set.settings[0]!;
  const kind = stripKinds.find(({ id }) => id === draft.kind)!;
  const typed = {
    lag: attempt(() =>
      parseDecimal(draft.lag, '/lagSeconds', 'Type the lag in seconds, for example 0.2, or 0.'),
    ),
    timerStep: attempt(() =>
      parseDecimal(
        draft.timerStep,
        '/timerStepSeconds',
        'Type the timer’s smallest step, for example 0.1.',
      ),
    ),
    first: attempt(() =>
      parseDecimal(
        draft.first,
        '/firstSeconds',
        'Type the first exposure in seconds, for example 5.',
      ),
    ),
    step: attempt(() => parseDecimal(draft.step, '/step', stepWanted[kind.step])),
    patches: attempt(() =>
      parseDecimal(draft.patches, '/patches', 'Type how many patches, for example 7.'),
    ),
  };
  const lagSeconds = typed.lag.value ?? 0;
  const timerStep = typed.timerStep.value ?? 0.1;
  const step = kind.step === 'fixed' ? { value: kind.usualStep } : typed.step;
  const choices =
    typed.first.value !== undefined && step.value !== undefined && typed.patches.value !== undefined
      ? {
          kind: draft.kind,
          method: draft.method,
          firstSeconds: typed.first.value,
          step: step.value,
          patches: typed.patches.value,
        }
      : undefined;
  const troubles: PrintView['troubles'] = Object.fromEntries(
    Object.entries({ ...typed, step }).flatMap(([field, { trouble }]) =>
      trouble === undefined ? [] : [[field, trouble]],
    ),
  );
  const counted = convertedStrips(draft, now);
  const conversions = [
    ...conversionSentences(counted),
    ...otherSetsWords(draft.earlier.length - counted.length, set),
  ];
  const lamp = { lagSeconds, timerStepSeconds: timerStep };
  const stripLag = attempt(() => parseDecimal(draft.stripLag ?? draft.lag, '', '')).value;
  const stripLamp = { ...lamp, lagSeconds: stripLag ?? lagSeconds };
  const base = {
    ...{ now, on, conversions, set, setting, timerStep, lagSeconds, stripLamp },
    ...(choices && { choices }),
  };
  if (!choices || typed.lag.trouble || typed.timerStep.trouble) {
    return {
      ...base,
      firings: [],
      reasons: [],
      neighbours: [],
      troubles,
    };
  }
  let field: keyof PrintView['troubles'] = 'first';
  const planned = attempt(() => {
    try {
      return planStrip(choices, stripLamp);
    } catch (cause) {
      field = fieldOf[(cause as { field?: string }).field ?? ''] ?? 'first';
      throw cause;
    }
  });
  if (!planned.value) {
    return {
      ...base,
      firings: [],
      reasons: [],
      neighbours: [],
      troubles: { ...troubles, [field]: planned.trouble },
    };
  }
  const first = halfOf(
    { setting, choices, strip: planned.value },
    draft,
    { highlight: draft.highlight, shadow: draft.shadow },
    on,
    timerStep,
  );
  const second = besideOf(draft, on, stripLamp);
  const halves = second?.value ? [first, second.value] : [first];
  return {
    ...base,
    ...first,
    ...(second?.value && { beside: second.value }),
    ...(second?.trouble !== undefined && { besideTrouble: second.trouble }),
    troubles,
    ...tooLong(halves, now),
    ...readingOf({ draft, on, now, halves, lamp, stripLamp, bench }),
  };
}

/** A half with its tones for the places that are looked at. */
function halfOf(
  { setting, choices, strip }: Pick<StripHalf, 'setting' | 'choices' | 'strip'>,
  draft: PrintDraft,
  picks: { readonly highlight: number | null; readonly shadow: number | null },
  { paper }: PaperFacts,
  timerStep: number,
): StripHalf {
  const seconds = strip.patches.map((patch) => patch.givenSeconds);
  // A strip may have become shorter since a pick was made; a pick that is off it is no pick.
  const pickAt = (position: number | null) => {
    const read = position === null ? undefined : attempt(() => readPick(seconds, position)).value;
    return read && { position: position!, seconds: read.seconds };
  };
  const highlight = pickAt(picks.highlight);
  const shadow = pickAt(picks.shadow);
  const tonesFrom = (known: PickedAt | undefined, tone: ToneId) =>
    known &&
    tonesAt(
      paper,
      setting.range,
      { seconds: known.seconds, netDensity: toneById(tone).netDensity },
      seconds,
    ).map((density): PatchTone => ({ density: density + paper.dMin, word: toneWord(density) }));
  const lightTones = tonesFrom(highlight, draft.highlightTone);
  const darkTones = tonesFrom(shadow, draft.shadowTone);
  return {
    ...{ setting, choices, strip },
    firings: strip.firings.map((firing) => ({
      ...firing,
      dial: enlargerSeconds(firing.dialSeconds, timerStep),
    })),
    ruler: rulerFor(seconds),
    ...(lightTones && { lightTones }),
    ...(darkTones && { darkTones }),
    ...(highlight && { highlight }),
    ...(shadow && { shadow }),
  };
}

/** The other contrast on the sheet, in fractions of a stop, exposed in the same way. */
function besideOf(draft: PrintDraft, on: PaperFacts, lamp: Lamp): Attempt<StripHalf> | undefined {
  const { beside, method } = draft;
  if (!beside) return undefined;
  return attempt(() => {
    const setting = settingOf(on.set, beside.settingId);
    const choices: StripChoices = {
      kind: 'stops',
      method,
      firstSeconds: parseDecimal(beside.first, '', 'Type the first exposure in seconds, as 5.'),
      step: parseDecimal(beside.step, '', stepWanted.stops),
      patches: parseDecimal(beside.patches, '', 'Type how many patches, for example 7.'),
    };
    const strip = planStrip(choices, lamp);
    return halfOf({ setting, choices, strip }, draft, beside, on, lamp.timerStepSeconds);
  });
}

/** A timer has a longest time; a wider aperture keeps within it. */
function tooLong(halves: readonly StripHalf[], { enlarger }: SetupNow): { tooLong?: string } {
  const longest = enlarger?.longestSeconds;
  const most = Math.max(
    ...halves.flatMap(({ firings }) => firings.map(({ dialSeconds }) => dialSeconds)),
  );
  if (longest === undefined || most <= longest) return {};
  return {
    tooLong: `The timer of ${enlarger!.name} goes up to ${longest} s. Open the lens by ${most / longest > 2 ? 'two stops' : 'a stop'}, or give it in two firings.`,
  };
}

interface SeenStrips {
  readonly draft: PrintDraft;
  readonly on: PaperFacts;
  readonly now: SetupNow;
  readonly halves: readonly StripHalf[];
  readonly lamp: Lamp;
  readonly stripLamp: Lamp;
  readonly bench: Bench;
}

/** The strip on the page as one of its session. */
const halvesKept = (
  { lookedAt, again, beside }: PrintDraft,
  halves: readonly Pick<StripHalf, 'setting' | 'choices' | 'highlight' | 'shadow'>[],
  stripLamp: Lamp,
) =>
  halves.map((half, index) => ({
    settingId: half.setting.id,
    choices: half.choices,
    lamp: stripLamp,
    highlight: half.highlight ?? null,
    shadow: half.shadow ?? null,
    ...(lookedAt && { way: lookedAt }),
    again: (index === 0 ? again : beside?.again) ?? [],
  }));

/** So many strips the advice expects before this print. */
export function stripsBefore(draft: PrintDraft, view: PrintView, bench: Bench): number | undefined {
  const { choices, beside, on, now, stripLamp } = view;
  const halves = [...(choices ? [{ ...view, choices }] : []), ...(beside ? [beside] : [])];
  const lamp = { lagSeconds: view.lagSeconds, timerStepSeconds: view.timerStep };
  const kept = halvesKept(draft, halves, stripLamp);
  return stripsToGo(draft, kept, on, now, bench, lamp);
}

/** The part of the page that follows from the picks. */
function readingOf({
  draft,
  on,
  now,
  halves,
  lamp,
  stripLamp,
  bench,
}: SeenStrips): Pick<
  PrintView,
  | 'reading'
  | 'lookAgain'
  | 'together'
  | 'taughtBy'
  | 'soFar'
  | 'plot'
  | 'split'
  | 'flash'
  | 'learned'
  | 'lagFound'
  | 'otherBox'
  | 'contradiction'
  | 'fault'
  | 'dial'
  | 'printSeconds'
  | 'dry'
  | 'dryStops'
  | 'dryTakenStops'
  | 'withinStops'
  | 'reasons'
  | 'bracket'
  | 'budget'
  | 'figures'
  | 'advice'
  | 'neighbours'
  | 'settingsWithin'
  | 'refusal'
> {
  const { paper, set } = on;
  const lightDensity = toneById(draft.highlightTone).netDensity;
  const darkDensity = toneById(draft.shadowTone).netDensity;
  // What the contrast is about is said of the half on which something was picked.
  const looked = halves.find((half) => half.highlight ?? half.shadow) ?? halves[0]!;
  const { highlight, shadow } = looked;
  const { timerStepSeconds: timerStep } = lamp;
  const wanted = certaintyOf(draft);
  const session = sessionOf(draft, halvesKept(draft, halves, stripLamp), on, now, bench, lamp);
  const isLookedAt = (highlight ?? shadow) !== undefined;
  const together = session?.value?.reading;
  // What was read may be enough, with what was printed here before: then no strip is worth its paper.
  const unseen = together?.made === null && together.verdict === 'make-print' && !together.noGain;
  const found = isLookedAt || unseen ? together : undefined;
  const reading =
    found && draft.change ? changedReading(found, draft.change, on, lightDensity) : found;
  const lookAgain = isLookedAt && !draft.change && session?.value?.lookAgain ? true : undefined;
  const soFar = together && !reading && soFarOf(together, lamp);
  const figures =
    reading && contrastFigures(set, reading, dialOf(on, reading, lightDensity, timerStep));
  const dry = dryDownOf(draft.paper, bench.evidence, bench.papers);
  const takesDry = dry !== undefined && (draft.dryDown ?? dry.isTaken);
  const printSeconds =
    reading && (takesDry ? addStops(reading.seconds, -dry.stops) : reading.seconds);
  const single = reading && {
    paper,
    setting: reading.setting,
    seconds: printSeconds!,
    highlightDensity: lightDensity,
    timerStep,
  };
  const { split, flash } = draft;
  const flashed =
    single && flash !== undefined
      ? { ...flashView(set, single, flash), ...flashGiven(draft, bench, timerStep) }
      : undefined;
  return {
    ...(session?.value && { taughtBy: session.value.learnedFrom }),
    ...(together && { together }),
    ...lagFoundBy(together, lamp),
    ...(dry && { dry: dryWords(dry), dryStops: dry.stops }),
    ...(takesDry && { dryTakenStops: Math.min(10, Math.max(-10, dry.stops)) }),
    ...(reading && {
      reading,
      withinStops: Math.hypot(reading.withinStops, takesDry ? dry.takenWithin : 0),
      printSeconds: printSeconds!,
      dial: enlargerSeconds(printSeconds!, timerStep),
    }),
    // Before the first strip what was read says how wide that is to be.
    ...(together &&
      (reading || !together.made) && {
        advice: stripAdvice(set, together, draft, wanted, lookAgain),
      }),
    ...(lookAgain && { lookAgain }),
    ...(reading?.contrastBy && { settingsWithin: settingsWithin(set, reading) }),
    ...(soFar && { soFar }),
    ...(reading?.contrastBy && {
      plot: curvePlot({
        paper,
        range: reading.setting.range,
        tones: { light: lightDensity, dark: darkDensity },
        shadowLeftStops: reading.shadowLeftStops,
      }),
    }),
    ...(reading && {
      bracket: bracketWords(reading),
      budget: budgetWords(set, reading.budget, takesDry ? dry.takenWithin : undefined),
    }),
    ...(figures && { figures }),
    ...(reading?.fault && { fault: reading.fault.sentence }),
    ...(single &&
      split &&
      set.id !== 'grades' && { split: splitView(set, single, split.soft, split.hard) }),
    ...(flashed && { flash: flashed }),
    ...(session?.value &&
      sessionWords(set, session.value, draft.earlier.length + 1, draft.lookedAt)),
    ...(session?.trouble !== undefined && { refusal: session.trouble }),
    neighbours: reading ? neighboursOf(on, reading, lightDensity, timerStep) : [],
    reasons: found
      ? [
          ...(draft.change ? [changeReason(draft.change, set)] : []),
          ...reasonsOf(on, looked, found, lightDensity, lamp),
        ]
      : [],
  };
}

/** The highlight's time at the answer's setting, by the paper's curve alone. */
function carriedOf(
  paper: PaperFacts['paper'],
  { highlight, made, setting }: PrintReading,
  density: number,
): number {
  return highlight && made ? keepTone(paper, made, setting, highlight.seconds, density) : 0;
}

/** Why the answer is what it is, one thing after the other. */
function reasonsOf(
  { paper, set }: PaperFacts,
  looked: StripHalf,
  reading: PrintReading,
  density: number,
  lamp: Lamp,
): string[] {
  const carried = carriedOf(paper, reading, density);
  const { timerStepSeconds } = lamp;
  const lag = lagReason(looked, reading, carried, lamp);
  return [
    ...printReason(set, looked.setting, reading, carried, timerStepSeconds),
    ...(lag.length > 0 ? lag : togetherReason(reading, carried, timerStepSeconds)),
  ];
}

/** Known no worse than this, a lag is worth writing down; shorter than this, it is none, s. */
const LAG_WELL_KNOWN = 0.05;
const NO_LAG = 0.05;

function lagFoundBy(reading: PrintReading | undefined, lamp: Lamp): { lagFound?: number } {
  if (!reading || lamp.lagSeconds !== 0) return {};
  const { lagSeconds, lagSd } = reading;
  const found = lagSd < LAG_WELL_KNOWN && lagSeconds > NO_LAG;
  return found ? { lagFound: Number(lagSeconds.toFixed(2)) } : {};
}

/** The answer of the strips before, and of what was read. */
function soFarOf(together: PrintReading, { timerStepSeconds }: Lamp): SoFar {
  const { setting, seconds, withinStops, withinRange } = together;
  return {
    ...{ setting, withinStops, withinRange },
    ...(timeKnown(together) && { dial: enlargerSeconds(seconds, timerStepSeconds) }),
  };
}

/** Where a dial stands for the contrast that is wanted, and the time that keeps the highlight there. */
function dialOf(
  { paper, set }: PaperFacts,
  { contrastBy, wantedRange, setting, seconds }: PrintReading,
  highlightDensity: number,
  timerStep: number,
): { name: string; time: string } | undefined {
  const place = contrastBy ? dialFor(set, wantedRange) : undefined;
  if (!place) return undefined;
  const { softest, hardest } = setEnds(set);
  const range = Math.min(softest, Math.max(hardest, wantedRange));
  const time = keepTone(paper, setting, { range, ...place }, seconds, highlightDensity);
  return { name: place.name, time: enlargerSeconds(time, timerStep) };
}

/** The ends of a dial's travel, R. */
function setEnds({ settings }: ContrastSet): { softest: number; hardest: number } {
  const ranges = settings.map(({ range }) => range);
  return { softest: Math.max(...ranges), hardest: Math.min(...ranges) };
}

/** "Same, but softer by half": the settings beside the answer, each with the time that keeps the highlight. */
function neighboursOf(
  { paper, set }: PaperFacts,
  { setting, seconds }: PrintReading,
  highlightDensity: number,
  timerStep: number,
): string[] {
  const index = set.settings.findIndex(({ id }) => id === setting.id);
  return ([-1, 1] as const).flatMap((way) => {
    const beside = set.settings[index + way];
    if (!beside) return [];
    const time = enlargerSeconds(
      keepTone(paper, setting, beside, seconds, highlightDensity),
      timerStep,
    );
    const step = set.step < 1 ? 'by half' : 'by one';
    return [
      `Same, but ${way < 0 ? 'softer' : 'harder'} ${step}: ${set.noun} ${beside.name}, ${time} s.`,
    ];
  });
}

/** Half the width of the contrast bracket, in settings of the set. */
function settingsWithin(set: ContrastSet, { wantedRange, withinRange }: PrintReading): number {
  const between = set.settings.filter(
    ({ range }) => Math.abs(range - wantedRange) < withinRange + 1e-6,
  );
  return Math.max(set.step, ((between.length - 1) * set.step) / 2);
}

/** "seven patches from 5 s in ⅓ stop": how the strip stands in its sentence. */
export function stripWords(choices: StripChoices): string {
  return `${patchesInWords(choices.patches)} from ${choices.firstSeconds} s`;
}
