import PDFDocument from 'pdfkit';
import { filmFormat, pushBetween } from '@katachron/core';
import { labelFonts } from './fonts.server.ts';
import { type RollBody } from '../contract.ts';
import { filmOf } from '../film-of.ts';
import { signedStops } from '../../../words/fraction.ts';
import { pushSentence } from '../../../words/push.ts';
import { pdfBytes } from '../../../server/pdf-bytes.ts';

/** A label that fits a film bag, mm. */
const WIDTH_MM = 100;
const HEIGHT_MM = 62;
const POINTS_PER_MM = 72 / 25.4;
const MARGIN = 6 * POINTS_PER_MM;
const LINE_HEIGHT = 1.3;

/** What the lab is to do: nothing besides normal development, or so many stops of push or pull. */
function order(boxSpeed: number, exposureIndex: number): string {
  const { stops } = pushBetween(boxSpeed, exposureIndex);
  if (Math.abs(stops) < 1 / 24) return 'normal';
  return `${stops > 0 ? 'push' : 'pull'} ${signedStops(stops)}`;
}

/** The label for a lab: roll, box speed, speed used, push or pull, the sentence, subject, camera and day, as a PDF. */
export async function rollLabel(roll: RollBody): Promise<Uint8Array> {
  const { film, boxSpeed } = filmOf(roll);
  const { exposed, exposureIndex } = roll;
  const width = WIDTH_MM * POINTS_PER_MM;
  const height = HEIGHT_MM * POINTS_PER_MM;
  const pdf = new PDFDocument({
    size: [width, height],
    margin: MARGIN,
    info: { Title: `Label of ${roll.title}` },
  });
  const whole = pdfBytes(pdf);
  const inner = width - 2 * MARGIN;
  const fonts = labelFonts(pdf);
  const write = (text: string, y: number, size: number, lines = 1) => {
    const line = { width: inner, height: size * LINE_HEIGHT * lines, ellipsis: true };
    pdf.font(fonts.for(text)).fontSize(size).text(text, MARGIN, y, line);
  };
  write(roll.title, MARGIN, 11, 2);
  write(
    [film, exposed && filmFormat(exposed.format).name].filter(Boolean).join(', '),
    MARGIN + 30,
    9,
  );
  write(`box speed ISO ${boxSpeed}    speed used EI ${exposureIndex}`, MARGIN + 42, 9);
  write(order(boxSpeed, exposureIndex), MARGIN + 55, 28);
  const sentence = pushSentence(boxSpeed, exposureIndex).replace(/^s/, 'S');
  write(`${sentence}.`, MARGIN + 90, 9, 2);
  if (exposed?.subject) write(exposed.subject, height - MARGIN - 24, 8);
  const last = [exposed?.camera, exposed?.exposedOn].filter(Boolean).join(', ');
  if (last) write(last, height - MARGIN - 12, 8);
  pdf.end();
  return whole;
}
