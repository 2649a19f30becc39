import {
  EYE_STOPS,
  advisePrint,
  beginBelief,
  certainties,
  contrastSet,
  defaultPaper,
  formulaRange,
  keepTone,
  nearestSetting,
  nextNegative,
  seeProbe,
  seePick,
  settingOf,
  type Certainty,
  type FiredPatch,
  type PrintBelief,
} from '../../core/src/index.ts';
import { GUESS_SECONDS, HIGHLIGHT, SHADOW, look, withNegative, type Darkroom } from './darkroom.ts';
import type { Random } from './random.ts';

/** What a printer comes to: the print, and the strips it took. */
export interface Outcome {
  readonly settingId: string;
  readonly dialSeconds: number;
  readonly strips: number;
  /** The printer was told that no setting holds the negative. */
  readonly beyond?: boolean;
}

export type Printer = (room: Darkroom, random: Random) => Outcome;

/** More strips than this and anybody gives up. */
const MOST_STRIPS = 15;

/** Patches fired one by one, even in stops, on a timer of tenths. */
function fired(firstSeconds: number, stepStops: number, patches: number): FiredPatch[] {
  return Array.from({ length: patches }, (_, index) => ({
    dialSeconds: Math.max(0.1, Math.round(firstSeconds * 2 ** (stepStops * index) * 10) / 10),
    firings: 1,
  }));
}

const around = (seconds: number, stepStops: number, patches: number) =>
  fired(seconds / 2 ** ((stepStops * (patches - 1)) / 2), stepStops, patches);

function secondsAt(patches: readonly FiredPatch[], position: number): number {
  const a = patches[Math.floor(position)]!.dialSeconds;
  const b = patches[Math.ceil(position)]!.dialSeconds;
  return Math.sqrt(a * b);
}

/** What is taken for granted of a set-up that nobody has measured. */
const unmeasured = (set: Darkroom['set']) =>
  beginBelief({
    paper: defaultPaper,
    set,
    highlightDensity: HIGHLIGHT,
    shadowDensity: SHADOW,
    guessSeconds: GUESS_SECONDS,
    guessWithinStops: 3,
    lagSeconds: 0.2,
    lagWithinSeconds: 0.2,
    speedWithinStops: 0.25,
    rangeWithinShare: 0.08,
  });

/** Follows the advice to the end, from any belief. */
export function follow(
  room: Darkroom,
  random: Random,
  begun: PrintBelief,
  wanted: Pick<Certainty, 'stops' | 'range'>,
  mostParts = 2,
): Outcome & { readonly belief: PrintBelief } {
  let belief = begun;
  for (let strips = 0; ; strips += 1) {
    const { best, strip, beyond } = advisePrint(belief, wanted, mostParts);
    if (!strip || strips === MOST_STRIPS) {
      const dialSeconds = Math.round(best.dialSeconds * 10) / 10;
      const told = beyond !== null;
      return { settingId: best.setting.id, dialSeconds, strips, belief, beyond: told };
    }
    for (const { settingId, firstSeconds, stepStops, patches: count } of strip) {
      const patches = fired(firstSeconds, stepStops, count);
      for (const place of ['highlight', 'shadow'] as const) {
        const position = look(room, settingId, place, patches, random);
        belief = seePick(belief, { settingId, place, patches, position }, EYE_STOPS);
      }
    }
  }
}

/** Follows the advice in a set-up that nobody has measured. */
export const advised =
  (wanted: Pick<Certainty, 'stops' | 'range'>, mostParts = 2): Printer =>
  (room, random) =>
    follow(room, random, unmeasured(room.set), wanted, mostParts);

/** Prints made before, in the same set-up, from which it is learned. */
const PRINTS_BEFORE = 10;

/** Follows the advice with what ten prints have taught of paper, head and settings; with two probe readings, or none. */
export const learned =
  (wanted: Pick<Certainty, 'stops' | 'range'>, probe: boolean): Printer =>
  (room, random) => {
    let belief = unmeasured(room.set);
    for (let print = 0; print < PRINTS_BEFORE; print += 1) {
      const before = withNegative(room, random);
      const next = nextNegative(belief, belief.prior);
      const read = probe ? seeProbe(next, before.probe) : next;
      belief = follow(before, random, read, certainties[1]).belief;
    }
    const next = nextNegative(belief, belief.prior);
    return follow(room, random, probe ? seeProbe(next, room.probe) : next, wanted);
  };

/** A doubling strip, then quarter stops, then one grade after the other. */
export const byHand: Printer = (room, random) => {
  const { set } = room;
  let index = set.settings.findIndex(({ id }) => id === '2');
  const coarse = around(GUESS_SECONDS, 1, 7);
  let seconds = secondsAt(coarse, look(room, '2', 'highlight', coarse, random));
  let before = 0;
  for (let strips = 2; ; strips += 1) {
    const settingId = set.settings[index]!.id;
    const patches = around(seconds, 0.25, 9);
    const position = look(room, settingId, 'highlight', patches, random);
    seconds = secondsAt(patches, position);
    const atEnd = position === 0 || position === patches.length - 1;
    const shadow = look(room, settingId, 'shadow', patches, random);
    const apart = secondsAt(patches, shadow) / seconds;
    // A shadow that wants more light wants a harder setting.
    const way = Math.abs(Math.log2(apart)) <= 0.2 ? 0 : apart > 1 ? 1 : -1;
    if ((way === 0 && !atEnd) || strips >= MOST_STRIPS) {
      return { settingId, dialSeconds: Math.round(seconds * 10) / 10, strips };
    }
    if (atEnd) continue;
    // A whole grade at a time; a half on the way back.
    const step = way === -before ? 1 : 2;
    const next = Math.min(set.settings.length - 1, Math.max(0, index + way * step));
    if (next === index || (before !== 0 && way === -before && step === 1 && strips > 8)) {
      return { settingId, dialSeconds: Math.round(seconds * 10) / 10, strips };
    }
    before = way;
    index = next;
  }
};

/** One strip, the bare formula, and a check strip at the setting it names. */
export const bareFormula: Printer = (room, random) => {
  const set = contrastSet('filters');
  const made = settingOf(set, '2');
  const wide = around(GUESS_SECONDS, 0.5, 15);
  const highlight = secondsAt(wide, look(room, '2', 'highlight', wide, random));
  const shadow = secondsAt(wide, look(room, '2', 'shadow', wide, random));
  const setting = nearestSetting(set, formulaRange(made.range, highlight, shadow));
  let seconds = keepTone(defaultPaper, made, setting, highlight, HIGHLIGHT);
  for (let strips = 2; ; strips += 1) {
    const check = around(seconds, 1 / 4, 7);
    const position = look(room, setting.id, 'highlight', check, random);
    seconds = secondsAt(check, position);
    const atEnd = position === 0 || position === check.length - 1;
    if (!atEnd || strips >= MOST_STRIPS) {
      return { settingId: setting.id, dialSeconds: Math.round(seconds * 10) / 10, strips };
    }
  }
};
