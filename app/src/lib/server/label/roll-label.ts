import PDFDocument from 'pdfkit';
import { pushBetween } from '@katachron/core';
import archivo from '@fontsource-variable/archivo/files/archivo-latin-wght-normal.woff2?inline';
import { filmOf, type RollBody } from '../../contract/roll.ts';
import { signedStops } from '../../words/fraction.ts';
import { pushSentence } from '../../words/push.ts';

/** A label that fits a film bag, mm. */
const WIDTH_MM = 100;
const HEIGHT_MM = 62;
const POINTS_PER_MM = 72 / 25.4;
const MARGIN = 6 * POINTS_PER_MM;

/** What the lab is to do: nothing besides normal development, or so many stops of push or pull. */
function order(boxSpeed: number, exposureIndex: number): string {
  const { stops } = pushBetween(boxSpeed, exposureIndex);
  if (Math.abs(stops) < 1 / 24) return 'normal';
  return `${stops > 0 ? 'push' : 'pull'} ${signedStops(stops)}`;
}

/** The fractions and the minus sign of the screen, in letters that the label's font has. */
function printable(text: string): string {
  const fractions: Record<string, string> = { '⅓': '1/3', '⅔': '2/3', '⅙': '1/6', '⅚': '5/6' };
  return text.replace(/[⅓⅔⅙⅚]/g, (glyph) => ` ${fractions[glyph]}`).replaceAll('−', '-');
}

/** The label for a lab: roll, box speed, speed used, push or pull, camera, and the sentence, as a PDF. */
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
  const chunks: Uint8Array[] = [];
  const done = new Promise<void>((resolve, reject) => {
    pdf.on('data', (chunk: Uint8Array) => chunks.push(chunk));
    pdf.on('end', resolve);
    pdf.on('error', reject);
  });
  const inner = width - 2 * MARGIN;
  const line = { width: inner, height: 12, ellipsis: true };
  pdf.registerFont('label', Buffer.from(archivo.split(',')[1] ?? '', 'base64')).font('label');
  pdf.fontSize(11).text(printable(roll.title), MARGIN, MARGIN, { ...line, height: 26 });
  pdf.fontSize(9).text(printable(film), MARGIN, MARGIN + 30, line);
  pdf.text(
    `box speed ISO ${boxSpeed}    speed used EI ${exposureIndex}`,
    MARGIN,
    MARGIN + 42,
    line,
  );
  pdf
    .fontSize(30)
    .text(printable(order(boxSpeed, exposureIndex)), MARGIN, MARGIN + 56, { width: inner });
  const sentence = pushSentence(boxSpeed, exposureIndex).replace(/^s/, 'S');
  pdf
    .fontSize(9)
    .text(`${printable(sentence)}.`, MARGIN, MARGIN + 94, { width: inner, height: 24 });
  const last = [exposed?.camera, exposed?.exposedOn].filter(Boolean).join(', ');
  if (last) pdf.text(printable(last), MARGIN, height - MARGIN - 12, line);
  pdf.end();
  await done;
  return Buffer.concat(chunks);
}
