import { ROLL_EQUIVALENT_CM2 } from '@katachron/core';
import { format } from 'date-fns';
import PDFDocument from 'pdfkit';
import { labelFonts } from '../../roll/label/fonts.server.ts';
import type { Bath } from '../contract.ts';
import type { KeptEntry } from '../ledger.ts';
import { stateOf } from '../state.ts';
import { bathUses } from '../uses.ts';
import { drawQrCode } from './qr-code.ts';
import { pdfBytes } from '../../../server/pdf-bytes.ts';

const MM = 72 / 25.4;
/** A sheet of A4, two labels across and four down. */
const [ACROSS, DOWN] = [2, 4] as const;
const WIDTH = 99 * MM;
const HEIGHT = 68 * MM;
const LEFT = 6 * MM;
const TOP = 12 * MM;
const PAD = 4 * MM;
const QR = 28 * MM;
const DAY = 'd MMMM yyyy';
/** More boxes than this nobody ticks. */
const MOST_BOXES = 24;

/**
 * A sheet of bottle labels: name, dilution, mixed, discard after, boxes to tick for what goes through, the caution, and a code that
 * opens the bath on a phone.
 */
export async function bathLabels(
  baths: readonly Bath[],
  entries: Readonly<Record<string, readonly KeptEntry[]>>,
  nowMs: number,
  origin: string,
): Promise<Uint8Array> {
  const pdf = new PDFDocument({ size: 'A4', margin: 0, info: { Title: 'Labels of baths' } });
  const whole = pdfBytes(pdf);
  const fonts = labelFonts(pdf);
  if (baths.length === 0) {
    const none = 'No bath stands mixed.';
    pdf.font(fonts.for(none)).fontSize(12).text(none, LEFT, TOP);
  }
  for (const [index, bath] of baths.entries()) {
    const place = index % (ACROSS * DOWN);
    if (index > 0 && place === 0) pdf.addPage();
    const x = LEFT + (place % ACROSS) * WIDTH;
    const y = TOP + Math.floor(place / ACROSS) * HEIGHT;
    const state = stateOf(bath, entries[bath.id] ?? [], nowMs)?.value;
    pdf.lineWidth(0.5).rect(x, y, WIDTH, HEIGHT).stroke('#888888');
    const inner = WIDTH - 2 * PAD;
    const beside = inner - QR - 2 * MM;
    const write = (text: string, down: number, size: number, width = beside, lines = 1) =>
      pdf
        .font(fonts.for(text))
        .fontSize(size)
        .fillColor('#000000')
        .text(text, x + PAD, y + PAD + down * MM, {
          ...{ width, height: size * 1.3 * lines, ellipsis: true },
        });
    const use = bathUses.find(({ id }) => id === bath.use)?.name ?? 'bath';
    write(bath.name, 0, 12, beside, 2);
    write([use, bath.dilution].filter(Boolean).join(' '), 12, 10);
    write(`mixed ${format(bath.mixedAtMs, DAY)}`, 17.5, 10);
    write(
      state?.keepsUntilMs === undefined
        ? 'discard after ____________'
        : `discard after ${format(state.keepsUntilMs, DAY)}`,
      23,
      10,
    );
    drawQrCode(pdf, `${origin}/chemistry/baths/${bath.id}`, x + WIDTH - PAD - QR, y + PAD, QR);
    const boxes = Math.min(
      MOST_BOXES,
      Math.floor(((bath.filmCm2PerLitre ?? 0) * (bath.volumeMl ?? 0)) / 1000 / ROLL_EQUIVALENT_CM2),
    );
    if (boxes > 0) {
      write('a box a roll:', 30, 8, inner);
      for (let box = 0; box < boxes; box += 1) {
        const [across, down] = [box % 12, Math.floor(box / 12)];
        pdf.rect(x + PAD + across * 7 * MM, y + PAD + (34.5 + down * 6.5) * MM, 5 * MM, 5 * MM);
      }
      pdf.stroke('#000000');
    }
    write(
      'Chemical: keep from children, food and drink. Gloves and glasses; air the room. The data sheet and local rules say more.',
      48.5,
      8,
      inner,
      2,
    );
    if (bath.dataSheet) write(bath.dataSheet, 56, 7, inner);
  }
  pdf.end();
  return whole;
}
