import { burnOrDodge, repeatAsFired, type Lamp } from '@katachron/core';
import same from 'fast-deep-equal';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import type { Fired } from '../../nouns/in-hand/limits.ts';
import type { Version } from '../../nouns/print/sheet.ts';
import { attempt } from '../../words/attempt.ts';
import { enlargerSeconds } from '../../words/duration.ts';
import { emptyFlash, thresholdFirings } from './flash-page-view.ts';
import type { PrintView } from './print-view.ts';
import { pairView } from './split-strips-view.ts';

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

/** The patch whose very firings the print repeats: picked whole, on the strip on the page, at the setting of the answer. */
function repeatedPatch(view: PrintView): number | undefined {
  const { reading, setting, highlight, shadow, strip } = view;
  const position = (highlight ?? shadow)?.position;
  // Of a single patch only “right” is the patch itself.
  const lone = strip?.patches.length === 1 && position !== 0;
  const same = reading?.setting.id === setting.id;
  return same && !lone && position !== undefined && Number.isInteger(position)
    ? position
    : undefined;
}

const inOwnFirings = (draft: PrintDraft) => draft.asFired === true && draft.method === 'cover-up';

/** The base, in one firing or in those of the strip. */
function baseDials(draft: PrintDraft, view: PrintView, lamp: Lamp): readonly number[] {
  const { printSeconds, strip } = view;
  if (printSeconds === undefined) return [];
  const whole = [printSeconds + lamp.lagSeconds];
  if (!inOwnFirings(draft) || !strip) return whole;
  const patch = repeatedPatch(view);
  if (patch !== undefined) {
    return strip.firings.slice(0, patch + 1).map(({ dialSeconds }) => dialSeconds);
  }
  return attempt(() => repeatAsFired(strip.firings, printSeconds, lamp)).value ?? whole;
}

/** Where the print is given a patch's own firings: what they are, and what all that is known would give instead. */
export function ownFiringsWords(draft: PrintDraft, view: PrintView): string | undefined {
  const patch = repeatedPatch(view);
  if (!inOwnFirings(draft) || !view.strip || patch === undefined || !view.dial) return undefined;
  const dials = view.firings.slice(0, patch + 1).map(({ dial }) => dial);
  const alike = dials.every((dial) => dial === dials[0]);
  const given = alike ? `${dials.length} × ${dials[0]} s` : `${dials.join(' + ')} s`;
  return `Just what patch ${patch + 1} got: ${given}. In one firing all that is known would give ${view.dial} s.`;
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
  const lamp = { lagSeconds, timerStepSeconds: timerStep };
  if (what === 'flash-1' || what === 'flash-2') {
    const firings = thresholdFirings(what, draft.flashTest ?? emptyFlash(), lamp);
    return firings.map(({ hands, dialSeconds }) =>
      line(`${hands}; no negative in the way`, dialSeconds, timerStep, noun(view.setting.name)),
    );
  }
  if (what !== 'print') return pairLines(draft, view, what === 'pair-1' ? 0 : 1);
  if (!reading || printSeconds === undefined) return [];
  const { threshold, share = 0, mainSeconds } = view.flash ?? {};
  // Without its threshold there is no flash, and nothing to make the main exposure shorter for.
  const mainly = threshold && mainSeconds !== undefined ? mainSeconds / printSeconds : 1;
  const exposures = (view.split?.pair ?? [{ setting: reading.setting, seconds: printSeconds }]).map(
    ({ setting, seconds }) => ({ filter: noun(setting.name), seconds: seconds * mainly }),
  );
  const areas = draft.areas.flatMap(({ name }, index) => {
    const stops = view.areas[index]?.stops;
    return stops === undefined || stops === 0 ? [] : [{ name: name.trim() || 'the area', stops }];
  });
  const held = (seconds: number) =>
    areas
      .filter(({ stops }) => stops < 0)
      .map(
        ({ name, stops }) =>
          `hold back ${name} for ${enlargerSeconds(burnOrDodge(seconds, stops), timerStep)} s`,
      );
  const plain = view.set.settings.find(({ id }) => id === threshold?.settingId);
  const flash = threshold
    ? [
        line(
          'Flash: nothing in the negative’s place',
          threshold.seconds * share + lagSeconds,
          timerStep,
          noun(plain?.name ?? threshold.settingId),
        ),
      ]
    : [];
  return [
    ...flash,
    ...exposures.flatMap(({ filter, seconds }, part) => {
      const dials =
        exposures.length === 1 && mainly === 1
          ? baseDials(draft, view, lamp)
          : [seconds + lagSeconds];
      const hands = [part === 0 ? 'Whole sheet' : 'Whole sheet again', ...held(seconds)].join('; ');
      return dials.map((dial, index) =>
        line(index === 0 ? hands : 'Whole sheet again', dial, timerStep, filter),
      );
    }),
    ...areas
      .filter(({ stops }) => stops > 0)
      .map(({ name, stops }) =>
        line(
          `Burn ${name}, card with a hole moving`,
          burnOrDodge(printSeconds * mainly, stops) + lagSeconds,
          timerStep,
          noun(reading.setting.name),
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
    areas: draft.areas.flatMap(({ name }, index) => {
      const stops = view.areas[index]?.stops;
      return stops === undefined || stops === 0 ? [] : [{ name: name.trim() || 'the area', stops }];
    }),
    ...(draft.dryDown && { dryDown: true }),
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

/** Would a sheet of the one be a sheet of the other? The light is what counts, and where it falls. */
const sameAnswer = (a: Omit<Version, 'number'>, b: Omit<Version, 'number'>) =>
  a.settingId === b.settingId &&
  same(a.dialSeconds, b.dialSeconds) &&
  same(filtersOf(a), filtersOf(b)) &&
  same(
    a.areas.map(({ stops }) => stops),
    b.areas.map(({ stops }) => stops),
  );

/** Was the last sheet given just the answer on the page? Another time, filter, burn or dodge wants another sheet. */
export function isFired(draft: PrintDraft, view: PrintView): boolean {
  const last = draft.sheets?.at(-1);
  if (!last || last.exposedAtMs < (draft.takenUpAtMs ?? 0)) return false;
  return versionNow(draft, view)?.number === last.version;
}
