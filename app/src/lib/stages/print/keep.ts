import {
  checkStrip,
  contrastSet,
  planStrip,
  type ContrastSetId,
  type Lamp,
  type LightSetup,
  type StripChoices,
  type StripPart,
  type WayOfLookingId,
} from '@katachron/core';
import { format } from 'date-fns';
import same from 'fast-deep-equal';
import { type PrintDraft } from '../../nouns/in-hand/draft.ts';
import { MOST_STRIPS } from '../../nouns/in-hand/limits.ts';
import { USUAL_SIZE } from '../../nouns/paper/sizes.ts';
import type { PrintBody } from '../../nouns/print/contract.ts';
import { saidOf, unsaid } from '../../nouns/print/said-later.ts';
import type { Pick as PatchPick } from '../../nouns/strip/contract.ts';
import { typedStrip } from '../../nouns/strip/typed.ts';
import { attempt } from '../../words/attempt.ts';
import { parseDecimal } from '../../words/decimal.ts';
import { printView, type PickedAt, type PrintView } from './print-view.ts';
import { recordedReadings } from './read-places.ts';
import { convertedStrips } from './session.ts';
import { lensWords, type Bench } from './setup-now.ts';

export interface StripSeen {
  readonly contrastSetId?: ContrastSetId;
  readonly settingId: string;
  readonly choices: StripChoices;
  /** The lamp and timer it was made with, which may have been changed since. */
  readonly lamp: Lamp;
  readonly highlight: PatchPick | null;
  readonly shadow: PatchPick | null;
  readonly way?: WayOfLookingId;
  /** Where it was made, which may have been changed since. */
  readonly setup?: LightSetup;
  readonly again?: PrintDraft['earlier'][number]['again'];
}

type PickedHalf = { readonly highlight?: PickedAt; readonly shadow?: PickedAt };

/** The strip on the page with its picks: one, or two contrasts side by side. Nothing picked, nothing kept of the other. */
function stripsSeen(draft: PrintDraft, view: PrintView, choices: StripChoices): StripSeen[] {
  const lamp = view.stripLamp;
  const seen = (
    half: PickedHalf,
    made: { setting: { id: string }; choices: StripChoices },
    again: PrintDraft['again'],
  ) => ({
    contrastSetId: draft.contrastSetId,
    settingId: made.setting.id,
    choices: made.choices,
    lamp,
    highlight: half.highlight
      ? { position: half.highlight.position, tone: draft.highlightTone }
      : null,
    shadow: half.shadow ? { position: half.shadow.position, tone: draft.shadowTone } : null,
    setup: view.now.setup,
    ...(draft.lookedAt && { way: draft.lookedAt }),
    ...(again && { again }),
  });
  const { beside } = view;
  return [
    seen(view, { setting: view.setting, choices }, draft.again),
    ...(beside && (beside.highlight ?? beside.shadow)
      ? [seen(beside, beside, draft.beside?.again)]
      : []),
  ];
}

/** The print as it stands in the logbook: set-up, every strip with its picks, versions and sheets. */
export function recordOf(
  draft: PrintDraft,
  view: PrintView,
  before: Pick<PrintBody, 'sheets' | 'note' | 'edition' | 'tags'> = { sheets: [], note: '' },
): PrintBody | undefined {
  const { choices, timerStep, lagSeconds } = view;
  const { versions = [], sheets = [] } = draft;
  const [first] = sheets;
  const last = sheets.at(-1);
  if (!first || !last || versions.length === 0) return undefined;
  const lamp = { lagSeconds, timerStepSeconds: timerStep };
  const counted = convertedStrips(draft, view.now);
  const earlier = counted.map(({ conversion }) => ({
    ...(conversion.changes.length > 0 && { worth: conversion.whole ? conversion.factor : 0 }),
  }));
  const seen: StripSeen[] = [
    ...counted.map(({ strip }) => strip),
    ...(view.reading?.made && choices ? stripsSeen(draft, view, choices) : []),
  ];
  const read = recordedReadings(draft, view.now.setup);
  const madeOn = format(first.exposedAtMs, 'd MMMM yyyy, HH:mm');
  return {
    title: draft.title.trim() || `Print of ${madeOn}`,
    setup: {
      negative: draft.negative.trim(),
      enlarger: draft.enlarger.trim(),
      lens: lensWords(draft),
      head: draft.head.trim(),
      paper: draft.paper.trim(),
      paperSize: draft.paperSize ?? USUAL_SIZE,
      contrastSetId: draft.contrastSetId,
      lamp,
    },
    strips: seen.map(({ lamp: own, setup: _setup, contrastSetId: _set, ...strip }, index) => ({
      ...strip,
      ...(!same(own, lamp) && { lamp: own }),
      ...earlier[index],
      choices: { ...strip.choices },
      patchSeconds: planStrip(strip.choices, own).patches.map((patch) => patch.givenSeconds),
    })),
    ...(read && { readings: read }),
    ...(draft.testPaper && { testPaper: draft.testPaper }),
    ...(draft.picture && { picture: draft.picture }),
    versions: [...versions],
    // What was said of a sheet when it was dry stands in the logbook alone.
    sheets: sheets.map((sheet) => {
      const stood = before.sheets.find(({ id }) => id === sheet.id);
      return stood ? { ...unsaid(sheet), ...saidOf(stood) } : sheet;
    }),
    ...(before.edition !== undefined && { edition: before.edition }),
    note: before.note,
    ...(before.tags && { tags: before.tags }),
    madeAtMs: last.exposedAtMs,
  };
}

/** A strip that nobody has looked at. */
export const UNSEEN = { highlight: null, shadow: null, again: undefined } as const;

/** The oldest is let go where there are more. */
const MOST_EARLIER = MOST_STRIPS;

/** A change of the draft; what is undefined in it goes. */
export type DraftChange = { [Part in keyof PrintDraft]?: PrintDraft[Part] | undefined };

/** What the page becomes for one more strip: this one is put aside, the next one is at the new contrast. */
export function nextStripDraft(draft: PrintDraft, view: PrintView): DraftChange {
  const { reading, choices } = view;
  if (!reading || !choices) return {};
  const [next, nextBeside] =
    reading.next.length > 0
      ? reading.next
      : [{ settingId: reading.setting.id, ...checkStrip(reading.seconds) }];
  return {
    earlier: [...draft.earlier, ...stripsSeen(draft, view, choices)].slice(-MOST_EARLIER),
    ...(reading.separately && draft.method === 'cover-up' && { method: 'separate' as const }),
    ...stripPartDraft(nextBeside ? [next!, nextBeside] : [next!]),
    ...UNSEEN,
    stripLag: undefined,
  };
}

/** A strip that is advised, as it would be typed: its own contrast, and one beside it. */
export function stripPartDraft([own, beside]: readonly StripPart[]) {
  return {
    ...{ settingId: own!.settingId, kind: 'stops' as const, ...typedPart(own!) },
    beside: beside && {
      settingId: beside.settingId,
      ...typedPart(beside),
      highlight: null,
      shadow: null,
    },
  };
}

/** A part as somebody would type it. */
function typedPart({ firstSeconds, stepStops, patches }: Omit<StripPart, 'settingId'>) {
  const {
    first,
    step,
    patches: many,
  } = typedStrip({
    ...{ kind: 'stops', method: 'separate', firstSeconds, step: stepStops, patches },
  });
  return { first, step, patches: many };
}

/** A second contrast beside the strip: the next harder one, with the same firings. */
export function withBeside(draft: PrintDraft, view: PrintView): NonNullable<PrintDraft['beside']> {
  const { settings } = view.set;
  const index = settings.findIndex(({ id }) => id === view.setting.id);
  const other = settings[index + 1] ?? settings[index - 1] ?? view.setting;
  return {
    settingId: other.id,
    first: draft.first,
    step: draft.kind === 'stops' ? draft.step : '½',
    patches: draft.patches,
    highlight: null,
    shadow: null,
  };
}

/** The part of the page that is the set-up. */
export type SetupChoice = Partial<
  Omit<
    PrintDraft,
    'earlier' | 'areas' | 'highlight' | 'shadow' | 'again' | 'first' | 'step' | 'patches'
  >
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
): DraftChange {
  const { reading, choices } = view;
  if (change.contrastSetId !== undefined && change.contrastSetId !== draft.contrastSetId) {
    // What was read waits under the set that it was made with, and counts again when that is back.
    const before = draft.earlier.map((strip) => ({
      contrastSetId: draft.contrastSetId,
      ...strip,
    }));
    const aside = reading?.made && choices ? stripsSeen(draft, view, choices) : [];
    return {
      ...change,
      earlier: [...before, ...aside].slice(-MOST_EARLIER),
      ...UNSEEN,
      beside: undefined,
      stripLag: undefined,
      split: undefined,
    };
  }
  const earlier =
    reading?.made && choices
      ? [...draft.earlier, ...stripsSeen(draft, view, choices)].slice(-MOST_EARLIER)
      : draft.earlier;
  const moved: PrintDraft = { ...draft, ...change, earlier, highlight: null, shadow: null };
  delete moved.again;
  delete moved.beside;
  const after = printView(moved, bench);
  if (earlier.length === 0 || after.conversions.length === 0) return change;
  const aside = {
    ...change,
    ...{ earlier, ...UNSEEN, beside: undefined, stripLag: undefined },
  };
  if (!after.together) return aside;
  const { setting, seconds } = after.together;
  return { ...aside, settingId: setting.id, kind: 'stops', ...typedPart(checkStrip(seconds)) };
}

/** What the page becomes for a check of an answer that no strip gave: a strip that was read is put aside, and counts on. */
export function checkStripDraft(
  draft: PrintDraft,
  view: PrintView,
  settingId: string,
  seconds: number,
): DraftChange {
  const aside = view.reading?.made && view.choices ? stripsSeen(draft, view, view.choices) : [];
  return {
    earlier: [...draft.earlier, ...aside].slice(-MOST_EARLIER),
    settingId,
    kind: 'stops',
    ...typedPart(checkStrip(seconds)),
    ...UNSEEN,
    stripLag: undefined,
    beside: undefined,
  };
}

/** What was blank about the set-up so far, said now: of the strips before it was true as well. */
export function knownSetup(draft: PrintDraft, was: SetupChoice): DraftChange {
  const blank = Object.fromEntries(
    Object.entries(was).filter(([part]) => !draft[part as keyof SetupChoice]),
  );
  const numbers = Object.fromEntries(
    Object.entries(blank).flatMap(([part, text]) => {
      const read = attempt(() => parseDecimal(String(text), '', '')).value;
      return read !== undefined && read > 0 ? [[part, read]] : [];
    }),
  );
  return {
    ...blank,
    earlier: draft.earlier.map((strip) =>
      strip.setup ? { ...strip, setup: { ...numbers, ...strip.setup } } : strip,
    ),
  };
}

/** Another set of contrasts begins in its middle; nothing where it is the one in use. */
export function withContrast(
  draft: { readonly contrastSetId: ContrastSetId },
  id: ContrastSetId | undefined,
): SetupChoice {
  if (id === undefined || id === draft.contrastSetId) return {};
  const { settings } = contrastSet(id);
  return { contrastSetId: id, settingId: settings[Math.floor(settings.length / 2)]!.id };
}
