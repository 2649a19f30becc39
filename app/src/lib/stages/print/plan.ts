import {
  burnSetting,
  planSequence,
  planTools,
  toneById,
  toolsFor,
  type ContrastSetting,
  type PlanArea,
  type PlanExposure,
  type PlanTool,
  type Sequence,
} from '@katachron/core';
import { within } from '../../kit/form.ts';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import { areaSeconds } from '../../words/area.ts';
import { attempt } from '../../words/attempt.ts';
import { enlargerSeconds } from '../../words/duration.ts';
import { stopsInWords } from '../../words/fraction.ts';
import { amountWords, percentWords, readAmount } from './area-amount.ts';
import { ownDials } from './own-firings.ts';
import type { PrintView } from './print-view.ts';

type DraftArea = PrintDraft['areas'][number];

/** A burn or dodge on the page. */
export interface AreaLine {
  readonly stops?: number;
  /** In stops, per cent and seconds. */
  readonly does: string;
  readonly trouble?: string;
  readonly tool: PlanTool;
  /** What it is burned in; not there where it is held back. */
  readonly setting?: ContrastSetting;
  /** The lens is opened by so much, stops. */
  readonly widerStops: number;
}

/** What the print takes, firing by firing, and what each area gets. */
export interface PrintPlanView {
  readonly areas: readonly AreaLine[];
  readonly sequence?: Sequence;
  /** The exposures of the whole sheet. */
  readonly base: readonly PlanExposure[];
  /** What the whole sheet gets, s, both exposures of a pair together. */
  readonly baseSeconds?: number;
  /** Why there is no sequence although there is a time. */
  readonly trouble?: string;
  /** The light of the key line, s. */
  readonly keyLineSeconds?: number;
  readonly keyLineTrouble?: string;
}

/** The print view as far as it is known before its plan. */
export type Unplanned = Omit<PrintView, 'areas' | 'plan'>;

const MOST_WIDER = 8;

/** An area as it was typed, in numbers. */
function readArea(area: DraftArea, view: Unplanned, baseSeconds: number | undefined) {
  const read = attempt(() => ({
    stops: readAmount(area.stops, baseSeconds),
    widerStops: (area.wider ?? '').trim()
      ? within(area.wider!, 'Type by how many stops the lens is opened, as 1.', 0, MOST_WIDER)
      : 0,
  }));
  const { stops = 0, widerStops = 0 } = read.value ?? {};
  const tool = planTools.find(({ id }) => id === area.tool) ?? toolsFor(stops)[0]!;
  const pair = view.split?.pair?.map((part) => part.setting) ?? [];
  const usual =
    burnSetting(pair, toneById(area.tone ?? 'VIII').netDensity) ??
    view.reading?.setting ??
    view.setting;
  const setting = view.set.settings.find(({ id }) => id === area.settingId) ?? usual;
  return { ...read, tool, setting, stops, widerStops };
}

type ReadArea = ReturnType<typeof readArea>;

/** The exposures of the whole sheet: one or a pair, shorter under a flash. */
function exposuresOf({ reading, printSeconds, split, flash }: Unplanned): readonly PlanExposure[] {
  if (!reading || printSeconds === undefined) return [];
  const { threshold, mainSeconds } = flash ?? {};
  // Without its threshold there is no flash, and nothing to make the main exposure shorter for.
  const mainly = threshold && mainSeconds !== undefined ? mainSeconds / printSeconds : 1;
  const parts = split?.pair ?? [{ setting: reading.setting, seconds: printSeconds }];
  return parts
    .filter(({ seconds }) => seconds > 0)
    .map(({ setting: { id, range, speedStops }, seconds }) => ({
      ...{ id, range, speedStops },
      seconds: seconds * mainly,
    }));
}

function flashOf({ flash, set }: Unplanned): PlanExposure | undefined {
  const { threshold, share } = flash ?? {};
  if (!threshold || share === undefined) return undefined;
  const plain = set.settings.find(({ id }) => id === threshold.settingId);
  const { range = 110, speedStops = 0 } = plain ?? {};
  return { ...{ id: threshold.settingId, range, speedStops }, seconds: threshold.seconds * share };
}

const planArea = (
  { stops, setting, widerStops, tool }: ReadArea,
  { tone }: DraftArea,
): PlanArea => ({
  ...{ stops, setting, widerStops },
  byMask: tool.hands === 0,
  ...(tone && { netDensity: toneById(tone).netDensity }),
});

/** "+⅔, +59 %, 6.2 s more at filter 00, the lens 1 stop wider". */
function doesWords(
  typed: string,
  read: ReadArea,
  view: Unplanned,
  lightSeconds: number | undefined,
  base: number,
) {
  const { stops, setting, widerStops } = read;
  // As it was typed it stands there already.
  const said = [amountWords(stops), percentWords(stops)].filter((words) => words !== typed.trim());
  if (stops < 0) return [...said, areaSeconds(base, stops, view.timerStep)].join(', ');
  const filter =
    setting.id === view.reading?.setting.id ? '' : ` at ${view.set.noun} ${setting.name}`;
  const more = `${enlargerSeconds(lightSeconds ?? 0, view.timerStep)} s more${filter}`;
  const lens = widerStops > 0 ? [`the lens ${stopsInWords(widerStops)} wider`] : [];
  return [...said, more, ...lens].join(', ');
}

function keyLineOf(draft: PrintDraft) {
  const typed = draft.keyLine?.trim() ?? '';
  if (typed === '') return undefined;
  return attempt(() => within(typed, 'Type the seconds of the key line, as 6.3.', 0.01, 3600));
}

/** Works out what the print takes. */
export function planOf(draft: PrintDraft, view: Unplanned): PrintPlanView {
  const base = exposuresOf(view);
  const baseSeconds = base.reduce((sum, { seconds }) => sum + seconds, 0);
  const known = base.length > 0 ? baseSeconds : undefined;
  const read = draft.areas.map((area) => readArea(area, view, known));
  const keyLine = keyLineOf(draft);
  const flash = flashOf(view);
  const last = base.at(-1);
  const lamp = { lagSeconds: view.lagSeconds, timerStepSeconds: view.timerStep };
  const dials =
    base.length === 1 && !flash && !view.split?.pair ? ownDials(draft, view, lamp) : undefined;
  const planned =
    last &&
    attempt(() =>
      planSequence(
        view.on.paper,
        {
          base,
          areas: read.map((one, index) => planArea(one, draft.areas[index]!)),
          ...(flash && { flash: { ...flash, after: draft.flashAfter === true } }),
          ...(keyLine?.value !== undefined && { keyLine: { ...last, seconds: keyLine.value } }),
          hands: draft.hands === 'one' ? 1 : 2,
          ...(dials && { baseDials: dials }),
        },
        lamp,
      ),
    );
  const lightOf = (index: number) =>
    planned?.value?.firings.find(({ kind, area }) => kind === 'burn' && area === index)
      ?.lightSeconds;
  return {
    areas: read.map((one, index): AreaLine => {
      const { trouble, stops, tool, setting, widerStops } = one;
      const line = { tool, widerStops, ...(stops > 0 && { setting }) };
      if (trouble !== undefined) return { ...line, does: '', trouble };
      if (known === undefined || stops === 0) {
        const words = amountWords(stops);
        return { ...line, stops, does: words === draft.areas[index]!.stops.trim() ? '' : words };
      }
      return {
        ...line,
        stops,
        does: doesWords(draft.areas[index]!.stops, one, view, lightOf(index), known),
      };
    }),
    base,
    ...(known !== undefined && { baseSeconds: known }),
    ...(planned?.value && { sequence: planned.value }),
    ...(planned?.trouble !== undefined && { trouble: planned.trouble }),
    ...(keyLine?.value !== undefined && { keyLineSeconds: keyLine.value }),
    ...(keyLine?.trouble !== undefined && { keyLineTrouble: keyLine.trouble }),
  };
}
