import PDFDocument from 'pdfkit';
import sharp from 'sharp';
import { channels } from '@katachron/core';
import { labelFonts } from '../roll/label/fonts.server.ts';
import type { ColourPrintBody } from './contract.ts';
import { packWords, sheetWords } from './words.ts';
import { pdfBytes } from '../../server/pdf-bytes.ts';

const MM = 72 / 25.4;
const MARGIN = 18 * MM;
const BOTTOM = 265 * MM;
/** A picture of a sheet is as wide as this. */
const PICTURE = 34 * MM;
const PIXELS = 480;
const COLUMNS = { sheet: 0, pack: 18 * MM, words: 72 * MM };

/** The page of the lab book for a colour print: its set-up, and each sheet with pack, time and what was thought. */
export async function colourBook(
  print: ColourPrintBody,
  picturesOf: (id: string) => Promise<Uint8Array | undefined>,
): Promise<Uint8Array> {
  const pdf = new PDFDocument({ size: 'A4', margin: MARGIN, info: { Title: print.name } });
  const whole = pdfBytes(pdf);
  const fonts = labelFonts(pdf);
  const inner = pdf.page.width - 2 * MARGIN;
  const write = (text: string, x: number, y: number, size: number, width: number) => {
    pdf.font(fonts.for(text)).fontSize(size).text(text, x, y, { width });
    return pdf.y;
  };
  /** The picture of a sheet, at the right edge; where it ends. */
  const put = async (colours: Uint8Array, top: number) => {
    const { data, info } = await sharp(colours)
      .resize({ width: PIXELS, height: PIXELS, fit: 'inside' })
      .jpeg({ quality: 88 })
      .toBuffer({ resolveWithObject: true });
    const scale = PICTURE / Math.max(info.width, info.height);
    const width = info.width * scale;
    pdf.image(data, MARGIN + inner - width, top, { width });
    return top + info.height * scale;
  };
  let y = write(print.name, MARGIN, MARGIN, 18, inner);
  const correction =
    print.correction &&
    `the box says ${channels.map(({ id, letter }) => `${letter} ${print.correction![id]}`).join(' ')}`;
  const setup = [print.negative, print.enlarger, print.setup, print.paper, print.box, correction];
  y = write(setup.filter(Boolean).join('; '), MARGIN, y + 2 * MM, 10, inner) + 4 * MM;
  for (const [index, test] of print.tests.entries()) {
    if (y > BOTTOM) {
      pdf.addPage();
      y = MARGIN;
    }
    pdf
      .lineWidth(0.4)
      .moveTo(MARGIN, y)
      .lineTo(MARGIN + inner, y)
      .stroke('#888888');
    const top = y + 2 * MM;
    write(String(index + 1), MARGIN + COLUMNS.sheet, top, 11, 15 * MM);
    const pack = `${packWords(test.pack)}\n${test.seconds.toFixed(1)} s`;
    const left = write(pack, MARGIN + COLUMNS.pack, top, 11, 50 * MM);
    const colours = test.picture && (await picturesOf(test.picture));
    const beside = colours ? PICTURE + 4 * MM : 0;
    const room = inner - COLUMNS.words - beside;
    const right = write(sheetWords(test), MARGIN + COLUMNS.words, top, 10, room);
    const pictureEnd = colours ? await put(colours, top) : top;
    y = Math.max(left, right, pictureEnd) + 2 * MM;
  }
  if (print.tests.length === 0) write('No sheet yet.', MARGIN, y, 11, inner);
  pdf.end();
  return whole;
}
