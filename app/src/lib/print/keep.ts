import { planStrip, type Lamp, type StripChoices } from '@katachron/core';
import type { PrintDraft } from '../contract/drafts.ts';
import type { PrintBody } from '../contract/print.ts';
import type { Pick } from '../contract/strip.ts';
import { plainStops } from '../words/fraction.ts';
import type { PrintView } from './print-view.ts';

export interface StripSeen {
  readonly settingId: string;
  readonly choices: StripChoices;
  /** The lamp and timer it was made with, which may have been changed since. */
  readonly lamp: Lamp;
  readonly highlight: Pick | null;
  readonly shadow: Pick | null;
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
      lens: draft.lens.trim(),
      head: draft.head.trim(),
      paper: draft.paper.trim(),
      contrastSetId: draft.contrastSetId,
      lamp,
    },
    settingId: reading.setting.id,
    seconds: reading.seconds,
    range: reading.setting.range,
    withinStops: reading.withinStops,
    strips: seen.map(({ lamp: own, ...strip }) => ({
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
