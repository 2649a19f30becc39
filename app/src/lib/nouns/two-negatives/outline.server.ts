import { cornersOnEasel, type At, type EaselSize } from '@katachron/core';
import { blur2, contours } from 'd3';
import PDFDocument from 'pdfkit';
import { areCorners, shownRatio } from '../picture/corners.ts';
import { squaredUp } from '../picture/square-up.ts';
import { tonesOf } from '../picture/tones.server.ts';
import { labelFonts } from '../roll/label/fonts.server.ts';
import { pdfBytes } from '../../server/pdf-bytes.ts';
import type { PlacedOfTwo } from './contract.ts';

const MM = 72 / 25.4;
/** A4, what a printer leaves white of it, and what two sheets have in common where they are joined, mm. */
const [SHORT, LONG, MARGIN, JOINED] = [210, 297, 8, 10];
/** Below the drawing stands what it is, mm. */
const WORDS = 14;
/** Lines of equal tone: so many, of a picture so wide, blurred so much. */
const [LEVELS, WIDE, BLUR] = [[0.25, 0.5, 0.75], 160, 2] as const;
/** How long the line is that tells whether it was printed at full size, mm. */
const CONTROL = 100;

/** Parts of a length of paper, each as long as a page shows, joined by a strip. */
function parts(length: number, room: number): number[] {
  const count = Math.max(1, Math.ceil((length - JOINED) / (room - JOINED)));
  return Array.from({ length: count }, (_, at) => at * (room - JOINED));
}

/** The pages that the sheet takes at full size: upright or across, whichever is fewer. */
function pagesFor({ widthMm, heightMm }: EaselSize) {
  const ways = [
    { layout: 'portrait', wide: SHORT - 2 * MARGIN, high: LONG - 2 * MARGIN - WORDS },
    { layout: 'landscape', wide: LONG - 2 * MARGIN, high: SHORT - 2 * MARGIN - WORDS },
  ] as const;
  return ways
    .map((way) => ({ ...way, across: parts(widthMm, way.wide), down: parts(heightMm, way.high) }))
    .toSorted((a, b) => a.across.length * a.down.length - b.across.length * b.down.length)[0]!;
}

/** Lines of equal tone of the picture, as it lies, mm. */
async function tonesLines(placed: PlacedOfTwo, preview: Uint8Array): Promise<At[][]> {
  const { corners } = placed.picture;
  const ratio = shownRatio(placed.picture);
  const whole = await tonesOf(preview, WIDE);
  const height = Math.max(1, Math.round(WIDE * ratio));
  const { codes, ...size } =
    corners && areCorners(corners) ? squaredUp(whole, corners, WIDE, height) : whole;
  const grid = { data: Float64Array.from(codes), width: size.width, height: size.height };
  const data = Array.from(blur2(grid, BLUR).data);
  const sorted = data.toSorted((a, b) => a - b);
  const levels = LEVELS.map((share) => sorted[Math.floor(share * (sorted.length - 1))]!);
  const [origin, right, , below] = cornersOnEasel(placed, ratio);
  const at = ([x, y]: readonly number[]): At => {
    const [u, v] = [x! / size.width, y! / size.height];
    return {
      x: origin!.x + u * (right!.x - origin!.x) + v * (below!.x - origin!.x),
      y: origin!.y + u * (right!.y - origin!.y) + v * (below!.y - origin!.y),
    };
  };
  return contours()
    .size([size.width, size.height])
    .thresholds(levels)(data)
    .flatMap(({ coordinates }) => coordinates.flat())
    .map((ring) => ring.map(at));
}

/** A negative as it lies on the sheet, at full size, to be traced on a scrap: its frame, its lines of tone, its top. */
export async function outlineOf(
  name: string,
  placed: PlacedOfTwo,
  easel: EaselSize,
  preview: Uint8Array | undefined,
): Promise<Uint8Array> {
  const { layout, wide, high, across, down } = pagesFor(easel);
  const pdf = new PDFDocument({
    ...{ autoFirstPage: false, margin: 0, info: { Title: `Outline of A: ${name}` } },
  });
  const whole = pdfBytes(pdf);
  const fonts = labelFonts(pdf);
  const lines = preview ? await tonesLines(placed, preview) : [];
  const frame = cornersOnEasel(placed, shownRatio(placed.picture));
  const count = across.length * down.length;
  const path = (points: readonly At[]) =>
    pdf.polygon(...points.map(({ x, y }): [number, number] => [x * MM, y * MM]));
  for (const [row, top] of down.entries()) {
    for (const [column, left] of across.entries()) {
      pdf.addPage({ size: 'A4', layout, margin: 0 });
      pdf.save();
      pdf.translate(MARGIN * MM, MARGIN * MM);
      pdf.rect(0, 0, wide * MM, high * MM).clip();
      pdf.translate(-left * MM, -top * MM);
      for (const line of lines) path(line).lineWidth(0.35).stroke('#777777');
      path(frame).lineWidth(1.4).stroke('#000000');
      pdf
        .rect(0, 0, easel.widthMm * MM, easel.heightMm * MM)
        .lineWidth(0.7)
        .dash(4, { space: 3 })
        .stroke('#000000')
        .undash();
      topMark(pdf, easel);
      pdf.restore();
      const number = row * across.length + column + 1;
      const words = `Outline of A, full size: ${name}. ${easel.widthMm} × ${easel.heightMm} mm; its middle ${placed.xMm} mm across, ${placed.yMm} mm down, turned ${placed.turnDegrees}°${placed.mirrored ? ', mirrored' : ''}. Print at 100 %: the line is ${CONTROL} mm.${count > 1 ? ` Page ${number} of ${count}; two pages have ${JOINED} mm in common.` : ''}`;
      const under = (MARGIN + high + 3) * MM;
      pdf
        .lineWidth(1)
        .moveTo(MARGIN * MM, under)
        .lineTo((MARGIN + CONTROL) * MM, under)
        .stroke('#000000');
      pdf
        .font(fonts.for(words))
        .fontSize(8)
        .fillColor('#000000')
        .text(words, MARGIN * MM, under + 1.5 * MM, { width: wide * MM, lineBreak: true });
    }
  }
  pdf.end();
  return whole;
}

/** Which way up the sheet lies: an arrow at its upper edge. */
function topMark(pdf: PDFKit.PDFDocument, { widthMm }: EaselSize): void {
  const middle = (widthMm / 2) * MM;
  pdf
    .moveTo(middle, 2 * MM)
    .lineTo(middle - 2.5 * MM, 7 * MM)
    .lineTo(middle + 2.5 * MM, 7 * MM)
    .closePath()
    .lineWidth(0.8)
    .stroke('#000000');
}
