import type { MixExposure, MixSetting } from '../../paper/mixed-light.ts';
import type { Paper } from '../../paper/paper.ts';
import { sound } from '../../quantity/sound.ts';
import { Refusal } from '../../refusal.ts';
import type { Lamp } from '../strip.ts';
import { burnOver, lightError } from './burn-over.ts';
import { burnSetting } from './burn-setting.ts';
import { dialed, lightOfDial } from './dial.ts';
import { heldWindows, type HeldWindow } from './held-windows.ts';

/** A filter, grade or place of a dial: what has to be changed between two firings of different ids. */
export interface PlanSetting extends MixSetting {
  readonly id: string;
}

/** The whole sheet at one setting. */
export interface PlanExposure extends PlanSetting {
  readonly seconds: number;
}

/** A place of the picture that gets more than the rest, or less. */
export interface PlanArea {
  /** Positive burns, negative is held back. */
  readonly stops: number;
  /** What it is burned in; of a pair the one that its tone belongs to, unless said. */
  readonly setting?: PlanSetting;
  /** The tone that it takes, density above Dmin: it counts where the setting is another than the base's. Zone VIII unless said. */
  readonly netDensity?: number;
  /** The lens is opened for it by so much, stops. */
  readonly widerStops?: number;
  /** It is held back by something that lies by itself and is taken away between two firings. */
  readonly byMask?: boolean;
}

/** Everything that a sheet is to get. */
export interface PrintPlan {
  /** One exposure, or a soft and a hard one. */
  readonly base: readonly PlanExposure[];
  readonly areas: readonly PlanArea[];
  /** Without the negative, before all else or after. */
  readonly flash?: PlanExposure & { readonly after?: boolean };
  /** Without the negative, a mask over the picture, last of all. */
  readonly keyLine?: PlanExposure;
  /** So many hands hold back at a time. */
  readonly hands: number;
  /** The base in these firings, s dialled, where it is to be given as a strip was; of one exposure alone. */
  readonly baseDials?: readonly number[];
}

/** A place that is held back during a firing. */
export interface HeldBack {
  /** Which of the plan's areas. */
  readonly area: number;
  /** After so much of this firing's light, s. */
  readonly fromSeconds: number;
  readonly seconds: number;
}

/** One switching-on of the lamp. */
export interface SequenceFiring {
  readonly kind: 'flash' | 'base' | 'burn' | 'key-line';
  readonly setting: PlanSetting;
  readonly widerStops: number;
  readonly dialSeconds: number;
  readonly lightSeconds: number;
  /** The area that it burns. */
  readonly area?: number;
  readonly held: readonly HeldBack[];
}

/** What an area of the plan gets by the whole sequence. */
export interface AreaGiven {
  /** So many seconds of the base would give it the same tone. */
  readonly equalSeconds: number;
  /** What the timer's steps, carried on, miss of what was wanted, stops. */
  readonly errorStops: number;
}

/** A print plan, firing by firing. */
export interface Sequence {
  readonly firings: readonly SequenceFiring[];
  /** One for each area of the plan. */
  readonly areas: readonly AreaGiven[];
  /** What the base misses by, stops. */
  readonly baseErrorStops: number;
  readonly lightSeconds: number;
  readonly filterChanges: number;
  readonly apertureChanges: number;
  /** The hands are enough to hold back what is to be held back. */
  readonly handsFit: boolean;
}

const USUAL_TONE = 0.1;
const MOST_STOPS = 10;

/** An exposure of the base as it is given: its firings, and what each area gets of it. */
interface BaseGiven {
  readonly firings: readonly SequenceFiring[];
  readonly lightSeconds: number;
  /** For each area, s. */
  readonly heldSeconds: readonly number[];
  readonly fits: boolean;
}

/** Where the light is parted, s: the ends of the firings as they are planned. */
function endsOf(seconds: number, cuts: readonly number[]): readonly number[] {
  return [...new Set([...cuts.filter((cut) => cut > 0 && cut < seconds), seconds])].sort(
    (a, b) => a - b,
  );
}

/** What of a window falls into a stretch of the light. */
function heldIn(windows: readonly HeldWindow[], from: number, to: number): readonly HeldBack[] {
  return windows.flatMap(({ place, fromSeconds, seconds }) => {
    const begins = Math.max(from, fromSeconds);
    const held = Math.min(to, fromSeconds + seconds) - begins;
    return held > 1e-6 ? [{ area: place, fromSeconds: begins - from, seconds: held }] : [];
  });
}

function baseGiven(plan: PrintPlan, exposure: PlanExposure, lamp: Lamp): BaseGiven {
  const { seconds, ...setting } = exposure;
  const dials = plan.base.length === 1 ? plan.baseDials : undefined;
  const whole = dials ? dials.reduce((sum, dial) => sum + lightOfDial(dial, lamp), 0) : seconds;
  const wanted = plan.areas.map(({ stops }) => (stops < 0 ? seconds * (1 - 2 ** stops) : 0));
  const held = wanted.map((one) => Math.min(one, whole));
  const byHand = heldWindows(
    whole,
    held.map((one, area) => (plan.areas[area]!.byMask ? 0 : one)),
    plan.hands,
  );
  const masked = held.flatMap((one, place) =>
    plan.areas[place]!.byMask && one > 0 ? [{ place, fromSeconds: 0, seconds: one }] : [],
  );
  const windows = [...byHand.windows, ...masked];
  const ends = dials
    ? dials.map((_, n) =>
        dials.slice(0, n + 1).reduce((sum, one) => sum + lightOfDial(one, lamp), 0),
      )
    : endsOf(whole, [...byHand.cutSeconds, ...masked.map((one) => one.seconds)]);
  const firings: SequenceFiring[] = [];
  let had = 0;
  for (const [n, end] of ends.entries()) {
    const dialSeconds = dials?.[n] ?? dialed(end - had + lamp.lagSeconds, lamp);
    const lightSeconds = lightOfDial(dialSeconds, lamp);
    firings.push({
      ...{ kind: 'base', setting, widerStops: 0, dialSeconds, lightSeconds },
      held: heldIn(windows, ends[n - 1] ?? 0, end),
    });
    had += lightSeconds;
  }
  return { firings, lightSeconds: had, heldSeconds: held, fits: byHand.fits };
}

/** Burns of one setting: those at the aperture that the lens stands at first, so that it is turned least. */
function inOrder(burns: readonly SequenceFiring[], apertureNow: number): readonly SequenceFiring[] {
  const rank = ({ widerStops }: SequenceFiring) => (widerStops === apertureNow ? -1 : widerStops);
  return [...burns].sort((a, b) => rank(a) - rank(b));
}

function changes(firings: readonly SequenceFiring[], of: (firing: SequenceFiring) => unknown) {
  return firings.filter((firing, n) => n > 0 && of(firing) !== of(firings[n - 1]!)).length;
}

function checked(plan: PrintPlan, { timerStepSeconds }: Lamp): void {
  const troubles: readonly (readonly [boolean, string, string])[] = [
    [
      plan.base.length > 0 && plan.base.every(({ seconds }) => seconds > 0),
      '/base',
      'A plan begins with a base of more than 0 s.',
    ],
    [timerStepSeconds > 0, '/lamp', 'A timer’s step is more than 0 s.'],
    [
      plan.areas.every(({ stops }) => Math.abs(stops) <= MOST_STOPS),
      '/areas',
      `An area gets up to ${MOST_STOPS} stops more or less.`,
    ],
    [
      plan.areas.every(({ widerStops = 0 }) => widerStops >= 0 && widerStops <= MOST_STOPS),
      '/areas',
      `A lens is opened by 0 to ${MOST_STOPS} stops.`,
    ],
  ];
  const wrong = troubles.find(([right]) => !right);
  if (wrong) throw new Refusal('plan', wrong[1], wrong[2]);
}

/**
 * What a print takes, firing by firing: the base with who is held back when, burns grouped so that filter and aperture change
 * least, a flash before or after, a key line last. The timer's rounding is carried into every area that lies over it.
 * @param paper layers
 * @param plan what the sheet is to get; s, stops, R and speed of each setting
 * @param lamp lag and timer step, s
 * @returns firings in order, what each area gets, light in all, changes
 * @throws Refusal `plan` for a base of nothing or what is out of reach, `hands` without a hand
 * @source dial = q·round((wanted − had + δ)/q); burns in another setting by the layer model
 * @example
 * planSequence(defaultPaper, { base: [{ id: "a", range: 100, speedStops: 0, seconds: 14 }], areas: [{ stops: 0.75 }], hands: 2 }, { lagSeconds: 0.22, timerStepSeconds: 0.1 }).firings.map((firing) => firing.dialSeconds) // = [14.2, 9.8]
 */
export function planSequence(paper: Paper, plan: PrintPlan, lamp: Lamp): Sequence {
  sound([plan, lamp]);
  checked(plan, lamp);
  const bases = plan.base.map((exposure) => baseGiven(plan, exposure, lamp));
  const given = (area: number): MixExposure[] =>
    plan.base.map((exposure, n) => ({
      ...exposure,
      seconds: Math.max(0, bases[n]!.lightSeconds - bases[n]!.heldSeconds[area]!),
    }));
  const wanted = ({ stops }: PlanArea): MixExposure[] =>
    plan.base.map((exposure) => ({ ...exposure, seconds: exposure.seconds * 2 ** stops }));
  const burns = plan.areas.flatMap((area, index): SequenceFiring[] => {
    if (area.stops <= 0) return [];
    const { widerStops = 0, netDensity = USUAL_TONE } = area;
    const { id, range, speedStops } = area.setting ?? burnSetting(plan.base, netDensity)!;
    const setting = { id, range, speedStops };
    const lacks = burnOver(paper, given(index), wanted(area), setting, netDensity);
    const dialSeconds = dialed(lacks / 2 ** widerStops + lamp.lagSeconds, lamp);
    const lightSeconds = lightOfDial(dialSeconds, lamp);
    if (lightSeconds <= 0) return [];
    return [
      { kind: 'burn', setting, widerStops, dialSeconds, lightSeconds, area: index, held: [] },
    ];
  });
  const bare = (kind: 'flash' | 'key-line', { seconds, ...setting }: PlanExposure) => {
    const dialSeconds = dialed(seconds + lamp.lagSeconds, lamp);
    const lightSeconds = lightOfDial(dialSeconds, lamp);
    return { kind, setting, widerStops: 0, dialSeconds, lightSeconds, held: [] } as const;
  };
  const firings: SequenceFiring[] = [];
  const add = (more: readonly SequenceFiring[]) =>
    firings.push(...inOrder(more, firings.at(-1)?.widerStops ?? 0));
  if (plan.flash && !plan.flash.after) firings.push(bare('flash', plan.flash));
  const left = new Set(burns);
  const inSetting = (id: string) => {
    const these = [...left].filter(({ setting }) => setting.id === id);
    for (const one of these) left.delete(one);
    return these;
  };
  for (const [n, { id }] of plan.base.entries()) {
    firings.push(...bases[n]!.firings);
    add(inSetting(id));
  }
  while (left.size > 0) add(inSetting([...left][0]!.setting.id));
  if (plan.flash?.after) firings.push(bare('flash', plan.flash));
  if (plan.keyLine) firings.push(bare('key-line', plan.keyLine));
  const baseSeconds = plan.base.reduce((sum, { seconds }) => sum + seconds, 0);
  const light = plan.base.map((exposure, n) => ({ ...exposure, seconds: bases[n]!.lightSeconds }));
  return sound({
    firings,
    areas: plan.areas.map((area, index): AreaGiven => {
      const over = firings
        .filter((firing) => firing.kind === 'burn' && firing.area === index)
        .map(({ setting, lightSeconds, widerStops }) => ({
          ...setting,
          seconds: lightSeconds * 2 ** widerStops,
        }));
      const errorStops = lightError(
        paper,
        [...given(index), ...over],
        wanted(area),
        area.netDensity ?? USUAL_TONE,
      );
      return { equalSeconds: baseSeconds * 2 ** (area.stops + errorStops), errorStops };
    }),
    baseErrorStops: lightError(paper, light, plan.base, USUAL_TONE),
    lightSeconds: firings.reduce((sum, one) => sum + one.lightSeconds, 0),
    filterChanges: changes(firings, ({ setting }) => setting.id),
    apertureChanges: changes(firings, ({ widerStops }) => widerStops),
    handsFit: bases.every(({ fits }) => fits),
  });
}
