import { shapeKind, type AreaShape, type At, type ShapeKind } from '@katachron/core';
import { format } from 'date-fns';
import PDFDocument from 'pdfkit';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import { outlines } from '../../nouns/picture/kinds.ts';
import { pngOf, tonesOf } from '../../nouns/picture/tones.server.ts';
import { labelFonts } from '../../nouns/roll/label/fonts.server.ts';
import { firingLines, versionNow } from './firing-lines.ts';
import { painted, pictureAsked, straight } from './picture/question.ts';
import { planWords } from './plan-words.ts';
import type { PrintView } from './print-view.ts';

const MM = 72 / 25.4;
/** A4, lying. */
const [WIDE, HIGH] = [297 * MM, 210 * MM];
const EDGE = 12 * MM;
/** The picture is at most so large; what is written stands beside it. */
const [PICTURE_WIDE, PICTURE_HIGH] = [150 * MM, 150 * MM];
const BESIDE = EDGE + PICTURE_WIDE + 10 * MM;
const PIXELS = 1200;
/** Read in red light, from where the enlarger stands: no letter smaller than this, points. */
const [LARGE, TEXT, SMALL] = [44, 15, 12];

type Pdf = PDFKit.PDFDocument;

/** The plan on one page, to pin up: black on white, its picture with the areas numbered, the sequence beside it. */
export async function planOnPaper(
  draft: PrintDraft,
  view: PrintView,
  preview: Uint8Array | undefined,
): Promise<Uint8Array> {
  const pdf = new PDFDocument({ size: [WIDE, HIGH], margin: 0, info: { Title: 'Print plan' } });
  const chunks: Uint8Array[] = [];
  const done = new Promise<void>((resolve, reject) => {
    pdf.on('data', (chunk: Uint8Array) => chunks.push(chunk));
    pdf.on('end', resolve);
    pdf.on('error', reject);
  });
  const fonts = labelFonts(pdf);
  const ratio = draft.picture
    ? draft.picture.height / draft.picture.width
    : outlines.find(({ id }) => id === (draft.outline ?? '4:3'))!.height;
  const width = Math.min(PICTURE_WIDE, PICTURE_HIGH / ratio);
  const frame = { x: EDGE, y: EDGE + 16 * MM, width, height: width * ratio };
  const put = (text: string, x: number, y: number, size: number, room: number) => {
    pdf.font(fonts.for(text)).fontSize(size).fillColor('#000000').text(text, x, y, { width: room });
    return pdf.y;
  };
  const title = draft.title.trim() || 'Print plan';
  pdf
    .font(fonts.for(title))
    .fontSize(22)
    .text(title, EDGE, EDGE, { width: WIDE - 2 * EDGE, height: 28, ellipsis: true });
  await drawPicture(pdf, draft, view, preview, frame);
  for (const [number, { shape }] of draft.areas.entries()) {
    if (shape) drawArea(pdf, shape, number, frame);
  }
  pdf.rect(frame.x, frame.y, frame.width, frame.height).lineWidth(1).stroke('#000000');
  putAreas(draft, view, frame.y + frame.height + 4 * MM, put);
  putSequence(pdf, draft, view, put);
  pdf.end();
  await done;
  return Buffer.concat(chunks);
}

interface Frame {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** The straight print: what lies on the easel, before a hand is in the light. */
async function drawPicture(
  pdf: Pdf,
  draft: PrintDraft,
  view: PrintView,
  preview: Uint8Array | undefined,
  frame: Frame,
): Promise<void> {
  const asked = pictureAsked(draft, view);
  if (!asked || !preview) return;
  const tones = await tonesOf(preview, PIXELS);
  const { codes } = painted(tones, straight(asked));
  const png = await pngOf(codes, tones.width, tones.height);
  pdf.image(png, frame.x, frame.y, { width: frame.width, height: frame.height });
}

function drawArea(pdf: Pdf, shape: AreaShape, number: number, frame: Frame): void {
  const kind = shapeKind(shape.kind) as unknown as ShapeKind<AreaShape>;
  const units = { height: frame.height / frame.width };
  const at = ({ x, y }: At) => [frame.x + x * frame.width, frame.y + y * frame.width] as const;
  const { points, closed } = kind.outline(shape, units);
  const path = () => {
    for (const [n, point] of points.entries()) {
      if (n === 0) pdf.moveTo(...at(point));
      else pdf.lineTo(...at(point));
    }
    if (closed) pdf.closePath();
  };
  pdf.save().rect(frame.x, frame.y, frame.width, frame.height).clip();
  // White under black: it is seen on a light place and on a dark one.
  path();
  pdf.undash().lineWidth(3.5).stroke('#ffffff');
  path();
  pdf.dash(6, { space: 4 }).lineWidth(1.5).stroke('#000000').undash().restore();
  const [x, y] = at(kind.label(shape, units));
  const [cx, cy] = [
    Math.min(frame.x + frame.width - 12, Math.max(frame.x + 12, x)),
    Math.min(frame.y + frame.height - 12, Math.max(frame.y + 12, y)),
  ];
  pdf.circle(cx, cy, 10).lineWidth(1).fillAndStroke('#ffffff', '#000000');
  pdf
    .font('label')
    .fontSize(13)
    .fillColor('#000000')
    .text(String(number + 1), cx - 10, cy - 6, { width: 20, align: 'center', lineBreak: false });
}

type Put = (text: string, x: number, y: number, size: number, room: number) => number;

function putAreas(draft: PrintDraft, view: PrintView, from: number, put: Put): void {
  let y = from;
  for (const [number, { name, stops }] of draft.areas.entries()) {
    // More than fit under the picture stand in the sequence all the same.
    if (y > HIGH - EDGE - SMALL) return;
    const { does = '', tool } = view.areas[number] ?? {};
    const words = `${number + 1}  ${name.trim() || 'the area'}: ${[stops, does, tool?.name].filter(Boolean).join(', ')}`;
    y = put(words, EDGE, y, SMALL, PICTURE_WIDE) + 2;
  }
}

function putSequence(pdf: Pdf, draft: PrintDraft, view: PrintView, put: Put): void {
  const room = WIDE - EDGE - BESIDE;
  const lines = firingLines(draft, view, 'print');
  const version = versionNow(draft, view);
  let y = EDGE + 16 * MM;
  if (!version || lines.length === 0) {
    put('No time yet: read a strip first.', BESIDE, y, TEXT, room);
    return;
  }
  const setting = `${view.set.noun} ${view.reading?.setting.name ?? ''}`;
  y = put(`${view.dial} s`, BESIDE, y, LARGE, room);
  const about = [
    setting,
    draft.paper,
    `version ${version.number}`,
    format(Date.now(), 'd MMMM yyyy'),
  ];
  y = put(about.filter(Boolean).join(', '), BESIDE, y, TEXT, room) + 4 * MM;
  let filter = '';
  for (const [index, line] of lines.entries()) {
    if (y > HIGH - EDGE - 2 * TEXT) {
      pdf.addPage();
      y = EDGE;
    }
    const change = filter !== '' && filter !== line.filter ? `${line.filter}: ` : '';
    const dial = 26 * MM;
    const end = put(`${index + 1}  ${change}${line.hands}`, BESIDE, y, TEXT, room - dial);
    put(`${line.dial} s`, WIDE - EDGE - dial + 4 * MM, y, TEXT + 4, dial);
    y = end + 2 * MM;
    ({ filter } = line);
  }
  const { sentences, cautions } = planWords(draft, view);
  put([...sentences, ...cautions].join(' '), BESIDE, y + 2 * MM, SMALL, room);
}
