import {
  checkStrip,
  planStrip,
  type Lamp,
  type LightSetup,
  type StripChoices,
} from '@katachron/core';
import type { PrintDraft } from '../contract/drafts.ts';
import type { PrintBody } from '../contract/print.ts';
import type { Pick } from '../contract/strip.ts';
import { plainStops } from '../words/fraction.ts';
import { printView, type PrintView } from './print-view.ts';
import { lensWords, type Bench } from './setup-now.ts';

export interface StripSeen {
  readonly settingId: string;
  readonly choices: StripChoices;
  /** The lamp and timer it was made with, which may have been changed since. */
  readonly lamp: Lamp;
  readonly highlight: Pick | null;
  readonly shadow: Pick | null;
  /** Where it was made, which may have been changed since. */
  readonly setup?: LightSetup;
}

/** The strip on the page, with its picks. */
function stripSeen(draft: PrintDraft, view: PrintView, choices: StripChoices): StripSeen {
  return {
    settingId: view.setting.id,
    choices,
    lamp: { lagSeconds: view.lagSeconds, timerStepSeconds: view.timerStep },
    highlight: view.highlight
      ? { position: view.highlight.position, tone: draft.highlightTone }
      : null,
    shadow: view.shadow ? { position: view.shadow.position, tone: draft.shadowTone } : null,
    setup: view.now.setup,
  };
}

/** The print as it goes into the logbook: set-up, every strip with its picks, the answer, the areas. */
export function printBody(
  draft: PrintDraft,
  view: PrintView,
  title: string,
  madeAtMs: number,
): PrintBody | undefined {
  const { reading, choices, timerStep, lagSeconds } = view;
  if (!reading || !choices) return undefined;
  const lamp = { lagSeconds, timerStepSeconds: timerStep };
  const seen: StripSeen[] = [...draft.earlier, stripSeen(draft, view, choices)];
  return {
    title,
    setup: {
      negative: draft.negative.trim(),
      enlarger: draft.enlarger.trim(),
      lens: lensWords(draft),
      head: draft.head.trim(),
      paper: draft.paper.trim(),
      contrastSetId: draft.contrastSetId,
      lamp,
    },
    settingId: reading.setting.id,
    seconds: reading.seconds,
    range: reading.setting.range,
    withinStops: reading.withinStops,
    strips: seen.map(({ lamp: own, setup: _setup, ...strip }) => ({
      ...strip,
      choices: { ...strip.choices },
      patchSeconds: planStrip(strip.choices, own).patches.map((patch) => patch.givenSeconds),
    })),
    areas: draft.areas.flatMap(({ name }, index) => {
      const stops = view.areas[index]?.stops;
      return stops === undefined || name.trim() === '' ? [] : [{ name: name.trim(), stops }];
    }),
    note: '',
    madeAtMs,
  };
}

/** More strips than this do not fit into what a browser keeps; the oldest is let go. */
const MOST_EARLIER = 6;

/** What the page becomes for one more strip: this one is put aside, the next one is at the new contrast. */
export function nextStripDraft(draft: PrintDraft, view: PrintView): Partial<PrintDraft> {
  const { reading, choices } = view;
  if (!reading || !choices) return {};
  const { firstSeconds, stepStops, patches } = reading.nextStrip;
  return {
    earlier: [...draft.earlier, stripSeen(draft, view, choices)].slice(-MOST_EARLIER),
    settingId: reading.nextSettingId,
    kind: 'stops',
    first: String(Number(firstSeconds.toFixed(2))),
    step: plainStops(stepStops),
    patches: String(patches),
    highlight: null,
    shadow: null,
  };
}

/** The part of the page that is the set-up. */
export type SetupChoice = Partial<
  Omit<PrintDraft, 'earlier' | 'areas' | 'highlight' | 'shadow' | 'first' | 'step' | 'patches'>
>;

/**
 * What the page becomes when the set-up is changed: a strip that was read keeps the set-up it was made in and counts on,
 * converted; three patches check the conversion. Nothing else moves while nothing was found yet.
 */
export function changedSetup(
  draft: PrintDraft,
  view: PrintView,
  change: SetupChoice,
  bench: Bench,
): Partial<PrintDraft> {
  const { reading, choices } = view;
  const earlier =
    reading && choices
      ? [...draft.earlier, stripSeen(draft, view, choices)].slice(-MOST_EARLIER)
      : draft.earlier;
  const moved: PrintDraft = { ...draft, ...change, earlier, highlight: null, shadow: null };
  const after = printView(moved, bench);
  if (earlier.length === 0 || after.conversions.length === 0) return change;
  const aside = { ...change, earlier, highlight: null, shadow: null };
  if (!after.soFar) return aside;
  const { firstSeconds, stepStops, patches } = checkStrip(after.soFar.seconds);
  return {
    ...aside,
    settingId: after.soFar.setting.id,
    kind: 'stops',
    first: String(Number(firstSeconds.toFixed(2))),
    step: plainStops(stepStops),
    patches: String(patches),
  };
}
