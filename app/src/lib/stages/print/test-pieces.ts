import { testPiece, toneById, type ContrastSetting, type PiecePatch } from '@katachron/core';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import { attempt } from '../../words/attempt.ts';
import { enlargerSeconds } from '../../words/duration.ts';
import { amountWords, typedAmount } from './area-amount.ts';
import type { FiringLine } from './firing-lines.ts';
import type { AreaLine } from './plan.ts';
import type { PrintView } from './print-view.ts';

type Area = PrintDraft['areas'][number];
type Piece = NonNullable<PrintDraft['pieces']>[number];

/** A third of a test piece: what it shows, and what it makes of its area when it is right. */
export interface Third {
  readonly name: string;
  readonly picked: Partial<Area>;
}

/** A small strip over one area. */
export interface PieceView {
  readonly letter: string;
  /** What is to be written on its back. */
  readonly label: string;
  readonly thirds: readonly Third[];
  readonly lines: readonly FiringLine[];
  readonly trouble?: string;
}

const STEP = 0.25;
const THIRDS = ['first', 'middle', 'last'] as const;

/** Three amounts about the one that stands there, all on its side of nothing. */
function amountsAbout(stops: number): number[] {
  const least = 2 * STEP;
  const middle = stops > 0 ? Math.max(stops, least) : Math.min(stops, -least);
  return [middle - STEP, middle, middle + STEP];
}

/** Three settings: the area's own, and one on each side where the set has one. */
function settingsAbout(settings: readonly ContrastSetting[], own: ContrastSetting) {
  const at = settings.findIndex(({ id }) => id === own.id);
  const from = Math.max(0, Math.min(settings.length - 1, at + 2) - 4);
  return [0, 2, 4].flatMap((step) => settings[from + step] ?? []);
}

const plain = ({ id, range, speedStops }: ContrastSetting) => ({ id, range, speedStops });

interface Choice extends Third {
  readonly patch: PiecePatch;
}

function choicesOf(piece: Piece, line: AreaLine, view: PrintView): Choice[] {
  const { stops = 0 } = line;
  const setting = line.setting ?? view.reading!.setting;
  if (piece.kind === 'amounts') {
    return amountsAbout(stops).map((amount) => ({
      name: amountWords(amount),
      picked: { stops: typedAmount(amount) },
      patch: { stops: amount, setting: plain(setting) },
    }));
  }
  return settingsAbout(view.set.settings, setting).map((one) => ({
    name: `${view.set.noun} ${one.name}`,
    picked: { settingId: one.id },
    patch: { stops, setting: plain(one) },
  }));
}

/** "card over the first third", "only the middle third open". */
function openWords(open: readonly number[], count: number): string {
  if (open.length === count) return 'nothing covered';
  if (open.length === 1) return `only the ${THIRDS[open[0]!]} third open`;
  return `card over the ${THIRDS[open[0]! - 1]} third`;
}

function pieceView(draft: PrintDraft, view: PrintView, piece: Piece, at: number): PieceView[] {
  const area = draft.areas[piece.area];
  const line = view.areas[piece.area];
  if (!area || !line || !view.reading || (line.stops ?? 0) === 0) return [];
  const letter = String.fromCharCode('A'.charCodeAt(0) + at);
  const name = area.name.trim() || 'the area';
  const choices = choicesOf(piece, line, view);
  const lamp = { lagSeconds: view.lagSeconds, timerStepSeconds: view.timerStep };
  const { netDensity } = toneById(area.tone ?? 'VIII');
  const planned = attempt(() =>
    testPiece(
      view.on.paper,
      view.plan.base,
      choices.map(({ patch }) => patch),
      netDensity,
      lamp,
    ),
  );
  const thirds = choices.map(({ name: third, picked }) => ({ name: third, picked }));
  const lines = (planned.value ?? []).map(({ setting, dialSeconds, open }): FiringLine => {
    const { name: shown } = view.set.settings.find(({ id }) => id === setting.id)!;
    return {
      hands: `Piece ${letter} over ${name}, ${openWords(open, choices.length)}`,
      dialSeconds,
      dial: enlargerSeconds(dialSeconds, view.timerStep),
      filter: `${view.set.noun} ${shown}`,
    };
  });
  const { trouble } = planned;
  return [
    {
      ...{ letter, thirds, lines },
      label: `${letter} ${name}: ${thirds.map((third) => third.name).join(' ')}`,
      ...(trouble !== undefined && { trouble }),
    },
  ];
}

/** The test pieces of the plan, in the order in which they are fired. */
export function piecesOf(draft: PrintDraft, view: PrintView): PieceView[] {
  return (draft.pieces ?? []).flatMap((piece, at) => pieceView(draft, view, piece, at));
}

/** The pick goes into the plan, and the piece is done with. */
export function withPick(draft: PrintDraft, at: number, picked: Partial<Area>): void {
  const piece = draft.pieces?.[at];
  const area = piece && draft.areas[piece.area];
  if (area) Object.assign(area, picked);
  withoutPiece(draft, at);
}

export function withoutPiece(draft: PrintDraft, at: number): void {
  draft.pieces = draft.pieces?.filter((_, other) => other !== at) ?? [];
}
