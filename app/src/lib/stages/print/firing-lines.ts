import { burnOrDodge, repeatAsFired, type Lamp } from '@katachron/core';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import { attempt } from '../../words/attempt.ts';
import { enlargerSeconds } from '../../words/duration.ts';
import type { PrintView } from './print-view.ts';
import { pairView } from './split-strips-view.ts';

/** What can be fired: the strip, the print that the strips led to, or one of the two strips of soft and hard. */
export const firedThings = ['strip', 'print', 'pair-1', 'pair-2'] as const;
export type Fired = (typeof firedThings)[number];

/** One switching-on of the lamp, as it stands on the screen. */
export interface FiringLine {
  /** What the hands do before it. */
  readonly hands: string;
  readonly dialSeconds: number;
  readonly dial: string;
  /** The setting that has to be in, where it is another than before. */
  readonly filter: string;
}

/** Rounded as the timer can. */
function line(hands: string, seconds: number, timerStep: number, filter: string): FiringLine {
  const dial = enlargerSeconds(seconds, timerStep);
  return { hands, dialSeconds: Number(dial), dial, filter };
}

/** The base, in one firing or in those of the strip. */
function baseDials(draft: PrintDraft, view: PrintView, lamp: Lamp): readonly number[] {
  const { printSeconds, strip } = view;
  if (printSeconds === undefined) return [];
  const whole = [printSeconds + lamp.lagSeconds];
  if (!draft.asFired || !strip || draft.method !== 'cover-up') return whole;
  return attempt(() => repeatAsFired(strip.firings, printSeconds, lamp)).value ?? whole;
}

/** Everything that the lamp has to do, in its order. */
export function firingLines(draft: PrintDraft, view: PrintView, what: Fired): FiringLine[] {
  const { timerStep, lagSeconds, reading, printSeconds } = view;
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
  if (what !== 'print') return pairLines(draft, view, what === 'pair-1' ? 0 : 1);
  if (!reading || printSeconds === undefined) return [];
  const filter = noun(reading.setting.name);
  const dials = baseDials(draft, view, { lagSeconds, timerStepSeconds: timerStep });
  const areas = draft.areas.flatMap(({ name }, index) => {
    const stops = view.areas[index]?.stops;
    return stops === undefined || stops === 0 ? [] : [{ name: name.trim() || 'the area', stops }];
  });
  const held = areas
    .filter(({ stops }) => stops < 0)
    .map(
      ({ name, stops }) =>
        `hold back ${name} for ${enlargerSeconds(burnOrDodge(printSeconds, stops), timerStep)} s`,
    );
  const base = ['Whole sheet', ...held].join('; ');
  return [
    ...dials.map((seconds, index) =>
      line(index === 0 ? base : 'Whole sheet again', seconds, timerStep, filter),
    ),
    ...areas
      .filter(({ stops }) => stops > 0)
      .map(({ name, stops }) =>
        line(
          `Burn ${name}, card with a hole moving`,
          burnOrDodge(printSeconds, stops) + lagSeconds,
          timerStep,
          filter,
        ),
      ),
  ];
}

/** A strip of soft and hard; the second one only when the first was read. */
function pairLines(draft: PrintDraft, view: PrintView, index: 0 | 1): FiringLine[] {
  if (!draft.pair) return [];
  const { lines, waits } = pairView(draft.pair, view, draft).strips[index]!;
  return waits === undefined ? [...lines] : [];
}

/** "Card over three patches, 2.3 s": a firing as something to do in the dark. */
export const firingSentence = ({ hands, dial }: FiringLine) => `${hands}, ${dial} s`;

/** What a sheet of the answer on the page is given; nothing while there is no answer. */
export function sheetGiven(draft: PrintDraft, view: PrintView): PrintDraft['sheetFired'] {
  const lines = firingLines(draft, view, 'print');
  if (!view.reading || lines.length === 0) return undefined;
  return {
    settingId: view.reading.setting.id,
    dialSeconds: lines.map(({ dialSeconds }) => dialSeconds),
    areaStops: view.areas.map(({ stops = 0 }) => stops),
  };
}

const sameNumbers = (a: readonly number[], b: readonly number[]) =>
  a.length === b.length && a.every((value, index) => value === b[index]);

/** Was a sheet given just the answer on the page? Another time, filter, burn or dodge wants another sheet. */
export function isFired(draft: PrintDraft, view: PrintView): boolean {
  const { sheetFired: fired } = draft;
  const given = fired && sheetGiven(draft, view);
  return (
    given !== undefined &&
    given.settingId === fired!.settingId &&
    sameNumbers(given.dialSeconds, fired!.dialSeconds) &&
    sameNumbers(given.areaStops, fired!.areaStops)
  );
}
