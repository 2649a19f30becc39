import { shapeKind, type AreaShape, type At, type ShapeKind } from '@katachron/core';
import { format } from 'date-fns';
import type { PrintDraft } from '../../../nouns/in-hand/draft.ts';
import { shownRatio } from '../../../nouns/picture/corners.ts';
import { outlines } from '../../../nouns/picture/kinds.ts';
import { pngOf, tonesOf } from '../../../nouns/picture/tones.server.ts';
import { firingLines, versionNow } from '../firing-lines.ts';
import { laid, painted } from '../picture/painted.ts';
import { pictureAsked, straight } from '../picture/question.ts';
import { planWords } from '../plan-words.ts';
import type { PrintView } from '../print-view.ts';
import { MM, PAGE_HIGH, PAGE_WIDE, type Frame, type Ink } from './ink.ts';

const EDGE = 12 * MM;
/** The picture is at most so large; what is written stands beside it. */
const [PICTURE_WIDE, PICTURE_HIGH] = [150 * MM, 150 * MM];
const BESIDE = EDGE + PICTURE_WIDE + 10 * MM;
const PIXELS = 1200;
/** Read in red light, from where the enlarger stands: no letter smaller than this, points. */
const [LARGE, TITLE, TEXT, SMALL] = [44, 22, 15, 12];

/** The plan on one page, to pin up: black on white, its picture with the areas numbered, the sequence beside it. */
export async function drawPlan(
  ink: Ink,
  draft: PrintDraft,
  view: PrintView,
  preview: Uint8Array | undefined,
): Promise<Uint8Array> {
  const ratio = draft.picture
    ? shownRatio(draft.picture)
    : outlines.find(({ id }) => id === (draft.outline ?? '4:3'))!.height;
  const width = Math.min(PICTURE_WIDE, PICTURE_HIGH / ratio);
  const frame = { x: EDGE, y: EDGE + 16 * MM, width, height: width * ratio };
  ink.title(draft.title.trim() || 'Print plan', EDGE, EDGE, TITLE, PAGE_WIDE - 2 * EDGE);
  await drawPicture(ink, draft, view, preview, frame);
  for (const [number, { shape }] of draft.areas.entries()) {
    if (shape) drawArea(ink, shape, number, frame);
  }
  ink.rect(frame, { width: 1, colour: '#000000' });
  putAreas(ink, draft, view, frame.y + frame.height + 4 * MM);
  putSequence(ink, draft, view);
  return ink.done();
}

/** The straight print: what lies on the easel, before a hand is in the light. */
async function drawPicture(
  ink: Ink,
  draft: PrintDraft,
  view: PrintView,
  preview: Uint8Array | undefined,
  frame: Frame,
): Promise<void> {
  const asked = pictureAsked(draft, view);
  if (!asked || !preview) return;
  const tones = await tonesOf(preview, PIXELS);
  const easel = laid(tones, asked);
  const { codes } = painted(easel, straight(asked));
  const png = await pngOf(codes, easel.width, easel.height);
  ink.picture(png, frame);
}

function drawArea(ink: Ink, shape: AreaShape, number: number, frame: Frame): void {
  const kind = shapeKind(shape.kind) as unknown as ShapeKind<AreaShape>;
  const units = { height: frame.height / frame.width };
  const at = ({ x, y }: At): At => ({ x: frame.x + x * frame.width, y: frame.y + y * frame.width });
  const { points, closed } = kind.outline(shape, units);
  // White under black: it is seen on a light place and on a dark one.
  ink.line(points.map(at), closed, frame, { width: 3.5, colour: '#ffffff' });
  ink.line(points.map(at), closed, frame, { width: 1.5, colour: '#000000', dash: [6, 4] });
  const { x, y } = at(kind.label(shape, units));
  const within = (value: number, from: number, length: number) =>
    Math.min(from + length - 12, Math.max(from + 12, value));
  ink.badge(String(number + 1), within(x, frame.x, frame.width), within(y, frame.y, frame.height));
}

function putAreas(ink: Ink, draft: PrintDraft, view: PrintView, from: number): void {
  let y = from;
  for (const [number, { name, stops }] of draft.areas.entries()) {
    // More than fit under the picture stand in the sequence all the same.
    if (y > PAGE_HIGH - EDGE - SMALL) return;
    const { does = '', tool } = view.areas[number] ?? {};
    const words = `${number + 1}  ${name.trim() || 'the area'}: ${[stops, does, tool?.name].filter(Boolean).join(', ')}`;
    y = ink.text(words, EDGE, y, SMALL, PICTURE_WIDE) + 2;
  }
}

function putSequence(ink: Ink, draft: PrintDraft, view: PrintView): void {
  const room = PAGE_WIDE - EDGE - BESIDE;
  const lines = firingLines(draft, view, 'print');
  const version = versionNow(draft, view);
  let y = EDGE + 16 * MM;
  if (!version || lines.length === 0) {
    ink.text('No time yet: read a strip first.', BESIDE, y, TEXT, room);
    return;
  }
  const setting = `${view.set.noun} ${view.reading?.setting.name ?? ''}`;
  y = ink.text(`${view.dial} s`, BESIDE, y, LARGE, room);
  const about = [
    setting,
    draft.paper,
    `version ${version.number}`,
    format(Date.now(), 'd MMMM yyyy'),
  ];
  y = ink.text(about.filter(Boolean).join(', '), BESIDE, y, TEXT, room) + 4 * MM;
  let filter = '';
  for (const [index, line] of lines.entries()) {
    if (y > PAGE_HIGH - EDGE - 2 * TEXT) {
      ink.turnPage();
      y = EDGE;
    }
    const change = filter !== '' && filter !== line.filter ? `${line.filter}: ` : '';
    const dial = 26 * MM;
    const end = ink.text(`${index + 1}  ${change}${line.hands}`, BESIDE, y, TEXT, room - dial);
    ink.text(`${line.dial} s`, PAGE_WIDE - EDGE - dial + 4 * MM, y, TEXT + 4, dial);
    y = end + 2 * MM;
    ({ filter } = line);
  }
  const { sentences, cautions } = planWords(draft, view);
  ink.text([...sentences, ...cautions].join(' '), BESIDE, y + 2 * MM, SMALL, room);
}
