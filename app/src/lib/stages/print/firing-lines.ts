import type { SequenceFiring } from '@katachron/core';
import same from 'fast-deep-equal';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import type { Fired } from '../../nouns/in-hand/limits.ts';
import type { Version } from '../../nouns/print/sheet.ts';
import { enlargerSeconds } from '../../words/duration.ts';
import { stopsInWords } from '../../words/fraction.ts';
import { emptyFlash, thresholdFirings } from './flash-page-view.ts';
import type { PrintView } from './print-view.ts';
import { pairView } from './split-strips-view.ts';
import { piecesOf } from './test-pieces.ts';

/** One switching-on of the lamp, as it stands on the screen. */
export interface FiringLine {
  /** What the hands do before it. */
  readonly hands: string;
  readonly dialSeconds: number;
  readonly dial: string;
  /** The setting that has to be in, where it is another than before. */
  readonly filter: string;
  /** The lens, where it is opened for this. */
  readonly lens?: string;
  /** Who is held back when, and the hands' words without them. */
  readonly held?: readonly HeldLine[];
  readonly whole?: string;
}

/** A place that is held back during a firing's light. */
export interface HeldLine {
  readonly name: string;
  /** With what, where that was chosen. */
  readonly how: string;
  readonly fromSeconds: number;
  readonly seconds: number;
}

/** What begins with the light needs no time of its own, s. */
const AT_ONCE = 0.05;

/** "Whole sheet; hold back door for 2.2 s; after 3.0 s hold back sky for 1.2 s, wand moving". */
export function handsWords(whole: string, held: readonly HeldLine[], timerStep: number): string {
  const shown = (seconds: number) => `${enlargerSeconds(seconds, timerStep)} s`;
  const parts = held.map(({ name, how, fromSeconds, seconds }) => {
    const after = fromSeconds > AT_ONCE ? `after ${shown(fromSeconds)} ` : '';
    return `${after}hold back ${name} for ${shown(seconds)}${how && `, ${how}`}`;
  });
  return [whole, ...parts].join('; ');
}

/** What of a firing is left when so much of its light was given already, s. */
export function restOfLine(line: FiringLine, hadSeconds: number, timerStep: number): FiringLine {
  if (!line.held || hadSeconds <= 0) return line;
  const held = line.held.flatMap((one) => {
    const fromSeconds = Math.max(0, one.fromSeconds - hadSeconds);
    const seconds = one.fromSeconds + one.seconds - hadSeconds - fromSeconds;
    return seconds > AT_ONCE ? [{ ...one, fromSeconds, seconds }] : [];
  });
  const whole = line.whole ?? line.hands;
  return { ...line, held, whole, hands: handsWords(whole, held, timerStep) };
}

/** Rounded as the timer can. */
function line(hands: string, seconds: number, timerStep: number, filter: string): FiringLine {
  const dial = enlargerSeconds(seconds, timerStep);
  return { hands, dialSeconds: Number(dial), dial, filter };
}

/** Everything that the lamp has to do, in its order. */
export function firingLines(draft: PrintDraft, view: PrintView, what: Fired): FiringLine[] {
  const { timerStep, lagSeconds } = view;
  const noun = (name: string) => `${view.set.noun} ${name}`;
  if (what === 'strip') {
    const halves = view.beside
      ? [
          { half: view, side: 'left half open' },
          { half: view.beside, side: 'right half open' },
        ]
      : [{ half: view, side: '' }];
    return halves.flatMap(({ half, side }) =>
      half.firings.map(({ hands, dialSeconds, dial }) => ({
        hands: [hands, side].filter(Boolean).join(', '),
        dialSeconds,
        dial,
        filter: noun(half.setting.name),
      })),
    );
  }
  const lamp = { lagSeconds, timerStepSeconds: timerStep };
  if (what === 'flash-1' || what === 'flash-2') {
    const firings = thresholdFirings(what, draft.flashTest ?? emptyFlash(), lamp);
    return firings.map(({ hands, dialSeconds }) =>
      line(`${hands}; no negative in the way`, dialSeconds, timerStep, noun(view.setting.name)),
    );
  }
  if (what === 'pieces') return piecesOf(draft, view).flatMap(({ lines }) => lines);
  if (what !== 'print') return pairLines(draft, view, what === 'pair-1' ? 0 : 1);
  return printLines(draft, view);
}

const nameOf = (draft: PrintDraft, area: number) => draft.areas[area]?.name.trim() || 'the area';

/** What the hands do before a firing of the print, but for holding back. */
function printHands(draft: PrintDraft, view: PrintView, firing: SequenceFiring, again: boolean) {
  const { kind, area = 0, widerStops } = firing;
  const words: Record<SequenceFiring['kind'], () => string> = {
    flash: () => 'Flash: nothing in the negative’s place',
    base: () => (again ? 'Whole sheet again' : 'Whole sheet'),
    burn: () => `Burn ${nameOf(draft, area)}, ${view.areas[area]!.tool.how}`,
    'key-line': () => 'Key line: nothing in the negative’s place, a mask over the picture',
  };
  return words[kind]() + (widerStops > 0 ? `, lens ${stopsInWords(widerStops)} wider` : '');
}

/** The whole plan of the print, as the hands go through it. */
function printLines(draft: PrintDraft, view: PrintView): FiringLine[] {
  const { firings = [] } = view.plan.sequence ?? {};
  const first = firings.findIndex(({ kind }) => kind === 'base');
  return firings.map((firing, index): FiringLine => {
    const { setting, dialSeconds, widerStops } = firing;
    const name = view.set.settings.find(({ id }) => id === setting.id)?.name ?? setting.id;
    const held = firing.held.map(({ area, fromSeconds, seconds }): HeldLine => {
      const how = draft.areas[area]?.tool ? view.areas[area]!.tool.how : '';
      return { name: nameOf(draft, area), how, fromSeconds, seconds };
    });
    const hands = printHands(draft, view, firing, index > first);
    return {
      ...line(
        handsWords(hands, held, view.timerStep),
        dialSeconds,
        view.timerStep,
        `${view.set.noun} ${name}`,
      ),
      ...(held.length > 0 && { held, whole: hands }),
      ...(widerStops > 0 && { lens: `lens ${stopsInWords(widerStops)} wider` }),
    };
  });
}

/** A strip of soft and hard; the second one only when the first was read. */
function pairLines(draft: PrintDraft, view: PrintView, index: 0 | 1): FiringLine[] {
  if (!draft.pair) return [];
  const { lines, waits } = pairView(draft.pair, view, draft).strips[index]!;
  return waits === undefined ? [...lines] : [];
}

/** "Card over three patches, 2.3 s": a firing as something to do in the dark. */
export const firingSentence = ({ hands, dial }: FiringLine) => `${hands}, ${dial} s`;

/** The answer on the page as a version that a sheet is exposed to; nothing while there is no answer. */
export function versionNow(draft: PrintDraft, view: PrintView): Version | undefined {
  const lines = firingLines(draft, view, 'print');
  const { reading, printSeconds } = view;
  if (!reading || printSeconds === undefined || lines.length === 0) return undefined;
  const answer: Omit<Version, 'number'> = {
    settingId: reading.setting.id,
    seconds: printSeconds,
    range: reading.setting.range,
    withinStops: reading.withinStops,
    dialSeconds: lines.map(({ dialSeconds }) => dialSeconds),
    areas: draft.areas.flatMap(({ settingId, tone, tool, shape, soft }, index) => {
      const { stops, widerStops = 0 } = view.areas[index] ?? {};
      if (stops === undefined || stops === 0) return [];
      return [
        {
          ...{ name: nameOf(draft, index), stops },
          ...(settingId && { settingId }),
          ...(tone && { tone }),
          ...(tool && { tool }),
          ...(shape && { shape }),
          ...(soft !== undefined && { soft }),
          ...(widerStops > 0 && { widerStops }),
        },
      ];
    }),
    ...(view.plan.keyLineSeconds !== undefined && { keyLineSeconds: view.plan.keyLineSeconds }),
    ...(draft.change && { change: draft.change }),
    ...(view.dryTakenStops !== undefined && { dryDown: true }),
    ...(view.dryTakenStops !== undefined && { dryDownStops: view.dryTakenStops }),
    ...(view.split?.pair && {
      split: view.split.pair.map(({ setting, seconds }) => ({ settingId: setting.id, seconds })),
    }),
    ...(view.flash?.threshold &&
      view.flash.share !== undefined && { flashShare: view.flash.share }),
  };
  const versions = draft.versions ?? [];
  const known = versions.find((version) => sameAnswer(version, answer));
  return { ...answer, number: known?.number ?? versions.length + 1 };
}

const filtersOf = ({ split = [] }: Pick<Version, 'split'>) =>
  split.map(({ settingId }) => settingId);

/** What of an area is light; its name and its tool are not. */
const lightOfArea = ({ stops, settingId, widerStops }: Version['areas'][number]) => [
  ...[stops, settingId, widerStops],
];

/** Would a sheet of the one be a sheet of the other? The light is what counts, and where it falls. */
const sameAnswer = (a: Omit<Version, 'number'>, b: Omit<Version, 'number'>) =>
  a.settingId === b.settingId &&
  same(a.dialSeconds, b.dialSeconds) &&
  same(filtersOf(a), filtersOf(b)) &&
  same(a.areas.map(lightOfArea), b.areas.map(lightOfArea));

/** Was the last sheet given just the answer on the page? Another time, filter, burn or dodge wants another sheet. */
export function isFired(draft: PrintDraft, view: PrintView): boolean {
  const last = draft.sheets?.at(-1);
  if (!last || last.exposedAtMs < (draft.takenUpAtMs ?? 0)) return false;
  return versionNow(draft, view)?.number === last.version;
}
