import {
  BOX_NOTICED,
  contrastSet,
  defaultPaper,
  firedPatches,
  formulaRange,
  keepTone,
  lookWithin,
  nearestSetting,
  settingOf,
  type CertaintyId,
  type FiredPatch,
} from '../../core/src/index.ts';
import { type PrintDraft } from '../../app/src/lib/nouns/in-hand/draft.ts';
import { newDraft } from '../../app/src/lib/nouns/in-hand/begin.ts';
import type { Print } from '../../app/src/lib/nouns/print/contract.ts';
import { placedStrip, withPlaced } from '../../app/src/lib/stages/print/begin-print.ts';
import { withLook } from '../../app/src/lib/stages/print/look-again.ts';
import { nextStripDraft } from '../../app/src/lib/stages/print/keep.ts';
import {
  printView,
  type PrintView,
  type StripHalf,
} from '../../app/src/lib/stages/print/print-view.ts';
import { emptyBench } from '../../app/src/lib/stages/print/setup-now.ts';
import { emptyReadings, readPlaces } from '../../app/src/lib/stages/print/read-places.ts';
import {
  GUESS_SECONDS,
  HIGHLIGHT,
  anotherBox,
  look,
  readBy,
  verdictOn,
  withNegative,
  type BoxKind,
  type Darkroom,
} from './darkroom.ts';
import type { Random } from './random.ts';

/** What a printer comes to: the print, and the strips it took. */
export interface Outcome {
  readonly settingId: string;
  readonly dialSeconds: number;
  readonly strips: number;
  /** Strips that were looked at once more. */
  readonly looks?: number;
  /** Where the print was made, if it is another room than the one drawn. */
  readonly room?: Darkroom;
  /** What was said of it: 95 times in 100 within. */
  readonly saidStops?: number;
  readonly saidRange?: number;
  /** The printer was told that no setting holds the negative. */
  readonly beyond?: boolean;
  /** It never came to an end. */
  readonly endless?: boolean;
  /** Looks that were slips; those of them that were named; and looks that were named and were none. */
  readonly slips?: number;
  readonly named?: number;
  readonly misnamed?: number;
  /** What was taken off because dry prints came out darker, stops. */
  readonly takenStops?: number | undefined;
  /** The printer was told that the paper is of another box than that of the prints before. */
  readonly boxNamed?: boolean;
}

export type Printer = (room: Darkroom, random: Random) => Outcome;

/** More strips than this and anybody gives up. */
const MOST_STRIPS = 15;

/** How somebody uses the page; what is not said is as a new visitor finds it. */
export interface Habits {
  readonly certainty: CertaintyId;
  readonly sideBySide?: boolean;
  /** The lag is written down as it is. */
  readonly lagMeasured?: boolean;
  /** Highlight and shadow are read by a probe before the first strip. */
  readonly readings?: boolean;
  /** A tone card is laid beside every strip. */
  readonly card?: boolean;
}

function beginDraft(room: Darkroom, { certainty, sideBySide, lagMeasured }: Habits): PrintDraft {
  const { settings } = room.set;
  const middle =
    settings.find(({ id }) => id === '2') ?? settings[Math.floor(settings.length / 2)]!;
  return {
    ...newDraft(),
    ...{ certainty, paper: 'Marrow' },
    contrastSetId: room.kind.setId,
    settingId: middle.id,
    ...(sideBySide !== undefined && { sideBySide }),
    ...(lagMeasured && { lag: room.lagSeconds.toFixed(2) }),
  };
}

/** The print that a page with an answer comes to. */
function outcome(view: PrintView, strips: number) {
  const reading = view.reading!;
  return {
    settingId: reading.setting.id,
    // The timer gets what the page says, with the lag that is written down.
    dialSeconds: Number(view.dial) + Math.round(view.lagSeconds * 10) / 10,
    strips,
    saidStops: view.withinStops,
    saidRange: reading.withinRange,
    beyond: reading.beyond !== null,
    boxNamed: reading.anotherBox > BOX_NOTICED,
    takenStops: view.dryTakenStops,
  };
}

/** Works a print out on the page itself: fires what it says, picks on it, does what it advises. */
export function onThePage(
  room: Darkroom,
  random: Random,
  habits: Habits,
  evidence: readonly Print[] = [],
): Outcome & { readonly draft: PrintDraft } {
  const bench = { ...emptyBench, evidence };
  const habitual = beginDraft(room, habits);
  if (habits.card) habitual.lookedAt = 'card';
  if (habits.readings) {
    const read = readBy(room, random);
    const blank = emptyReadings(habitual.settingId);
    const at = (place: 'highlight' | 'shadow') => ({ ...blank[place], reading: read[place] });
    habitual.readings = { ...blank, highlight: at('highlight'), shadow: at('shadow') };
  }
  const before = printView(habitual, bench);
  if (before.reading) {
    return { ...outcome(before, 0), slips: 0, named: 0, misnamed: 0, draft: habitual };
  }
  let draft = withPlaced(habitual, placedStrip(habitual, bench, before));
  const eye = habits.card ? lookWithin('card') : room.eyeStops;
  let slips = 0;
  let looks = 0;
  const slipped = new Set<string>();
  for (let strips = 1; ; strips += 1) {
    const fired = printView(draft, bench);
    const lamp = { lagSeconds: fired.lagSeconds, timerStepSeconds: fired.timerStep };
    const pick = (half: Pick<StripHalf, 'setting' | 'choices'>, number: number) => {
      const patches = firedPatches(half.choices, lamp);
      const picked = (place: 'highlight' | 'shadow') => {
        const { position, slipped: is } = look(room, half.setting.id, place, patches, random, eye);
        if (is) {
          slips += 1;
          slipped.add(`${number} ${place}`);
        }
        return position;
      };
      return { highlight: picked('highlight'), shadow: picked('shadow') };
    };
    if (!fired.choices || !fired.strip) throw new Error(JSON.stringify(fired.troubles));
    const number = draft.earlier.length;
    draft = { ...draft, ...pick({ ...fired, choices: fired.choices }, number) };
    if (draft.beside && fired.beside) {
      draft = { ...draft, beside: { ...draft.beside, ...pick(fired.beside, number + 1) } };
    }
    let view = printView(draft, bench);
    while (view.lookAgain && view.choices) {
      const again = (half: Parameters<typeof pick>[0], at: number) =>
        withLook(at === number ? draft.again : draft.beside?.again, pick(half, at), draft);
      draft = { ...draft, again: again({ ...view, choices: view.choices }, number) };
      if (draft.beside && view.beside) {
        draft = { ...draft, beside: { ...draft.beside, again: again(view.beside, number + 1) } };
      }
      looks += 1;
      view = printView(draft, bench);
    }
    const { reading } = view;
    if (!reading) throw new Error(view.refusal);
    const ended = reading.verdict === 'make-print';
    if (ended || strips === MOST_STRIPS) {
      const odd = reading.odd.map(({ strip, place }) => `${strip} ${place}`);
      return {
        ...outcome(view, strips),
        endless: !ended,
        looks,
        slips,
        named: odd.filter((one) => slipped.has(one)).length,
        misnamed: odd.filter((one) => !slipped.has(one)).length,
        draft,
      };
    }
    draft = { ...draft, ...nextStripDraft(draft, view) } as PrintDraft;
    if (draft.beside === undefined) delete draft.beside;
  }
}

export const asFound =
  (habits: Habits): Printer =>
  (room, random) =>
    onThePage(room, random, habits);

/** Prints made before, in the same set-up, from which it is learned. */
const PRINTS_BEFORE = 10;

/** A print as the logbook keeps it, as far as it teaches: its strips, and what was said of it when it was dry. */
function recorded(
  { draft, settingId: printedAt, dialSeconds, takenStops }: ReturnType<typeof onThePage>,
  index: number,
  verdict: number,
): Print {
  const { setting, choices, lagSeconds, timerStep, beside } = printView(draft);
  const lamp = { lagSeconds, timerStepSeconds: timerStep };
  const seen = (highlight: number | null, shadow: number | null) => ({
    highlight: highlight === null ? null : { position: highlight, tone: draft.highlightTone },
    shadow: shadow === null ? null : { position: shadow, tone: draft.shadowTone },
  });
  const strips = [
    ...draft.earlier,
    {
      ...{ settingId: setting.id, choices: choices! },
      ...seen(draft.highlight, draft.shadow),
      ...(draft.again && { again: draft.again }),
    },
    ...(beside && draft.beside
      ? [
          {
            settingId: beside.setting.id,
            choices: beside.choices,
            ...seen(draft.beside.highlight, draft.beside.shadow),
            ...(draft.beside.again && { again: draft.beside.again }),
          },
        ]
      : []),
  ];
  const { enlarger, paper, contrastSetId } = draft;
  const read = draft.readings && readPlaces(draft.readings, draft).read;
  const looked = strips.filter(({ highlight, shadow }) => highlight ?? shadow);
  return {
    ...(read && { readings: read }),
    id: `print-${index}`,
    setup: { negative: '', enlarger, lens: '', head: '', paper, contrastSetId, lamp },
    strips: looked.map(({ settingId, choices: made, highlight, shadow, again }) => ({
      ...{ settingId, choices: made, highlight, shadow },
      ...(again && { again }),
      patchSeconds: [],
    })),
    versions: [
      {
        ...{ number: 1, settingId: printedAt, seconds: dialSeconds - lagSeconds },
        ...(takenStops !== undefined && { dryDownStops: takenStops }),
      },
    ],
    sheets: [{ id: `sheet-${index}`, version: 1, verdict: { highlightStops: verdict } }],
    ...{ title: '', note: '', version: 1, madeAtMs: index + 1 },
  } as unknown as Print;
}

/** Follows the advice with what ten prints have taught of paper, head and settings; the last of them may be of another box. */
export const learned =
  (habits: Habits, box?: BoxKind, ofBox = 0): Printer =>
  (room, random) => {
    const evidence: Print[] = [];
    const now = box ? anotherBox(room, box, random) : room;
    let named = false;
    for (let print = 0; print < PRINTS_BEFORE + ofBox; print += 1) {
      const setup = print < PRINTS_BEFORE ? room : now;
      const before = withNegative(setup, random);
      const work = onThePage(before, random, { ...habits, certainty: 'work-print' }, evidence);
      if (print >= PRINTS_BEFORE) named ||= work.boxNamed === true;
      const dry = verdictOn(before, work.settingId, work.dialSeconds, random);
      evidence.push(recorded(work, print, dry));
    }
    const last = onThePage(now, random, habits, evidence);
    return { ...last, boxNamed: named || last.boxNamed === true, room: now };
  };

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

/** A doubling strip, then quarter stops, then one grade after the other. */
export const byHand: Printer = (room, random) => {
  const { set } = room;
  let index = set.settings.findIndex(({ id }) => id === '2');
  const coarse = around(GUESS_SECONDS, 1, 7);
  let seconds = secondsAt(coarse, look(room, '2', 'highlight', coarse, random).position);
  let before = 0;
  for (let strips = 2; ; strips += 1) {
    const settingId = set.settings[index]!.id;
    const patches = around(seconds, 0.25, 9);
    const { position } = look(room, settingId, 'highlight', patches, random);
    seconds = secondsAt(patches, position);
    const atEnd = position === 0 || position === patches.length - 1;
    const shadow = look(room, settingId, 'shadow', patches, random).position;
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
  const highlight = secondsAt(wide, look(room, '2', 'highlight', wide, random).position);
  const shadow = secondsAt(wide, look(room, '2', 'shadow', wide, random).position);
  const setting = nearestSetting(set, formulaRange(made.range, highlight, shadow));
  let seconds = keepTone(defaultPaper, made, setting, highlight, HIGHLIGHT);
  for (let strips = 2; ; strips += 1) {
    const check = around(seconds, 1 / 4, 7);
    const { position } = look(room, setting.id, 'highlight', check, random);
    seconds = secondsAt(check, position);
    const atEnd = position === 0 || position === check.length - 1;
    if (!atEnd || strips >= MOST_STRIPS) {
      return { settingId: setting.id, dialSeconds: Math.round(seconds * 10) / 10, strips };
    }
  }
};
