import {
  contrastSet,
  defaultPaper,
  patchesInWords,
  planStrip,
  readPick,
  readStrip,
  settingOf,
  stripKinds,
  toneById,
  toneWord,
  tonesAt,
  type ContrastSet,
  type ContrastSetting,
  type Firing,
  type Strip,
  type StripChoices,
  type StripReading,
} from '@katachron/core';
import type { PrintDraft } from '../contract/drafts.ts';
import { areaSeconds } from '../words/area.ts';
import { attempt } from '../words/attempt.ts';
import { parseDecimal } from '../words/decimal.ts';
import { enlargerSeconds } from '../words/duration.ts';
import { signedStops } from '../words/fraction.ts';
import { contrastFigures, printReason, stripAdvice } from '../words/print-reason.ts';
import { stepWanted } from '../words/strip-step.ts';
import { rulerFor, type Ruler } from './ruler.ts';

/** A tone as a patch shows it, for the place that is looked at. */
export interface PatchTone {
  readonly density: number;
  readonly word: string;
}

/** A burn or dodge on the page. */
export interface AreaLine {
  readonly stops?: number;
  readonly does: string;
  readonly trouble?: string;
}

/** Everything the print page shows, from what was typed. */
export interface PrintView {
  readonly set: ContrastSet;
  readonly setting: ContrastSetting;
  readonly timerStep: number;
  readonly lagSeconds: number;
  readonly choices?: StripChoices;
  readonly strip?: Strip;
  readonly firings: readonly (Firing & { readonly dial: string })[];
  readonly ruler?: Ruler;
  /** Expected tones of the patches; not there while nothing says which patch is right. */
  readonly lightTones?: readonly PatchTone[];
  readonly darkTones?: readonly PatchTone[];
  readonly highlight?: { readonly position: number; readonly seconds: number };
  readonly shadow?: { readonly position: number; readonly seconds: number };
  readonly reading?: StripReading;
  /** The answer to dial, s, rounded as the timer can. */
  readonly dial?: string;
  readonly reasons: readonly string[];
  readonly figures?: string;
  readonly advice?: string;
  /** How far apart the settings are that the picks still allow, in settings. */
  readonly settingsWithin?: number;
  readonly refusal?: string;
  readonly troubles: Partial<Record<'lag' | 'timerStep' | 'first' | 'step' | 'patches', string>>;
  readonly areas: readonly AreaLine[];
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
export function printView(draft: PrintDraft): PrintView {
  const set = contrastSet(draft.contrastSetId);
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
  const base = { set, setting, timerStep, lagSeconds, ...(choices && { choices }) };
  if (!choices || typed.lag.trouble || typed.timerStep.trouble) {
    return {
      ...base,
      firings: [],
      reasons: [],
      troubles,
      areas: areasOf(draft, undefined, timerStep),
    };
  }
  let field: keyof PrintView['troubles'] = 'first';
  const planned = attempt(() => {
    try {
      return planStrip(choices, { lagSeconds, timerStepSeconds: timerStep });
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
      troubles: { ...troubles, [field]: planned.trouble },
      areas: areasOf(draft, undefined, timerStep),
    };
  }
  const strip = planned.value;
  const seconds = strip.patches.map((patch) => patch.givenSeconds);
  return {
    ...base,
    strip,
    firings: strip.firings.map((firing) => ({
      ...firing,
      dial: enlargerSeconds(firing.dialSeconds, timerStep),
    })),
    ruler: rulerFor(seconds),
    troubles,
    ...readingOf(draft, set, setting, seconds, timerStep),
  };
}

/** The part of the page that follows from the picks. */
function readingOf(
  draft: PrintDraft,
  set: ContrastSet,
  setting: ContrastSetting,
  seconds: readonly number[],
  timerStep: number,
): Pick<
  PrintView,
  | 'lightTones'
  | 'darkTones'
  | 'highlight'
  | 'shadow'
  | 'reading'
  | 'dial'
  | 'reasons'
  | 'figures'
  | 'advice'
  | 'settingsWithin'
  | 'refusal'
  | 'areas'
> {
  const lightDensity = toneById(draft.highlightTone).netDensity;
  const darkDensity = toneById(draft.shadowTone).netDensity;
  // A strip may have become shorter since a pick was made; a pick that is off it is no pick.
  const pickAt = (position: number | null) =>
    position === null || position > seconds.length - 1
      ? undefined
      : { position, seconds: readPick(seconds, position).seconds };
  const highlight = pickAt(draft.highlight);
  const shadow = pickAt(draft.shadow);
  const tonesFrom = (known: { seconds: number } | undefined, netDensity: number) =>
    known &&
    tonesAt(defaultPaper, setting.range, { seconds: known.seconds, netDensity }, seconds).map(
      (density): PatchTone => ({ density: density + defaultPaper.dMin, word: toneWord(density) }),
    );
  const wantedStops = draft.wantedTwelfths / 12;
  const read =
    highlight || shadow
      ? attempt(() =>
          readStrip(defaultPaper, {
            patchSeconds: seconds,
            set,
            settingId: setting.id,
            ...(highlight && {
              highlight: { position: highlight.position, netDensity: lightDensity },
            }),
            ...(shadow && { shadow: { position: shadow.position, netDensity: darkDensity } }),
            wantedStops,
          }),
        )
      : undefined;
  const reading = read?.value;
  const lightTones = tonesFrom(highlight, lightDensity);
  const darkTones = tonesFrom(shadow, darkDensity);
  const figures = reading && contrastFigures(set, reading);
  return {
    ...(lightTones && { lightTones }),
    ...(darkTones && { darkTones }),
    ...(highlight && { highlight }),
    ...(shadow && { shadow }),
    ...(reading && {
      reading,
      dial: enlargerSeconds(reading.seconds, timerStep),
      advice: stripAdvice(set, reading, wantedStops),
    }),
    ...(reading?.contrast && { settingsWithin: settingsWithin(set, reading) }),
    ...(figures && { figures }),
    ...(read?.trouble && { refusal: read.trouble }),
    reasons: reading ? printReason(set, setting, reading, timerStep) : [],
    areas: areasOf(draft, reading?.seconds, timerStep),
  };
}

/** Half the width of the contrast bracket, in settings of the set. */
function settingsWithin(set: ContrastSet, reading: StripReading): number {
  const { rangeLow, rangeHigh } = reading.contrast!;
  const between = set.settings.filter(
    ({ range }) => range > rangeLow - 1e-6 && range < rangeHigh + 1e-6,
  );
  return Math.max(set.step, ((between.length - 1) * set.step) / 2);
}

function areasOf(draft: PrintDraft, seconds: number | undefined, timerStep: number): AreaLine[] {
  return draft.areas.map(({ stops: text }) => {
    const read = attempt(() => parseDecimal(text, '/stops', 'Type stops: +⅔ burns, −⅓ dodges.'));
    if (read.value === undefined) return { does: '', trouble: read.trouble };
    const stops = read.value;
    if (Math.abs(stops) > 10) return { does: '', trouble: 'That is more than ten stops.' };
    if (seconds === undefined || stops === 0) return { stops, does: `${signedStops(stops)}` };
    return { stops, does: `${signedStops(stops)}, ${areaSeconds(seconds, stops, timerStep)}` };
  });
}

/** "seven patches from 5 s in ⅓ stop": how the strip stands in its sentence. */
export function stripWords(choices: StripChoices): string {
  return `${patchesInWords(choices.patches)} from ${choices.firstSeconds} s`;
}
