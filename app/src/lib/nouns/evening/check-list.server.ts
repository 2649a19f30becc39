import { Refusal } from '@katachron/core';
import PDFDocument from 'pdfkit';
import { labelFonts } from '../roll/label/fonts.server.ts';
import { pdfBytes } from '../../server/pdf-bytes.ts';
import type { CheckList } from './contract.ts';

const MM = 72 / 25.4;
const MARGIN = 15 * MM;
/** From letters read at arm's length down to the smallest that anybody reads, pt. */
const SIZES = [13, 12, 11, 10, 9, 8, 7, 6, 5];
const BETWEEN = 8 * MM;
const GREY = '#666666';
/** A box with its space, a time of day, and what is left free below a step, in sizes of its letters. */
const [BOX, CLOCK, SPACE] = [1.6, 3.4, 0.5];
/** A letter takes so much of the square of its size, line and all; a short line counts as if it had so many. */
const [LETTER_AREA, LEAST_LETTERS] = [0.55, 30];
/** What is estimated to need more than this of the page is not tried. */
const MAY_FIT = 1.3;

interface Block {
  readonly kind: 'title' | 'words' | 'heading' | 'step';
  readonly text: string;
  readonly from?: string;
  readonly grey?: string;
}

/** Letters of a block against those of a step. */
const scales = { title: 1.7, words: 1, heading: 1.25, step: 1 } as const;

/** No language has longer words; where to part one is worked out letter by letter, which takes long. */
const LONGEST_WORD = /\S{40}(?=\S)/g;
const parted = (text: string) => text.replace(LONGEST_WORD, '$& ');

const blocksOf = (list: CheckList): Block[] =>
  unparted(list).map(({ text, grey, ...block }) => ({
    ...{ ...block, text: parted(text) },
    ...(grey !== undefined && { grey: parted(grey) }),
  }));

const unparted = ({ date, words, lines, afterwards }: CheckList): Block[] => [
  { kind: 'title', text: ['An evening in the darkroom', date].filter(Boolean).join(', ') },
  ...words.map((text): Block => ({ kind: 'words', text })),
  ...lines.map(({ from, step, task }): Block => ({ kind: 'step', from, text: step, grey: task })),
  ...(afterwards.length > 0 ? [{ kind: 'heading', text: 'Afterwards' } as const] : []),
  ...afterwards.map((text): Block => ({ kind: 'step', text })),
];

/** More letters than this no page holds that anybody reads. */
const MOST_LETTERS = 20_000;

/**
 * The evening on one page, each step with a box to tick: in the largest letters with which all of it has room.
 * @throws Refusal for more than a page holds
 */
export async function checkListPdf(list: CheckList): Promise<Uint8Array> {
  const blocks = blocksOf(list);
  const lengths = blocks.map(({ text, grey = '' }) => text.length + grey.length);
  if (lengths.reduce((sum, length) => sum + length, 0) > MOST_LETTERS) {
    throw new Refusal('check-list', '/lines', 'That is more than one page holds: leave some out.');
  }
  const pdf = new PDFDocument({ size: 'A4', margin: 0, info: { Title: 'An evening' } });
  const whole = pdfBytes(pdf);
  const fonts = labelFonts(pdf);
  const inner = { width: pdf.page.width - 2 * MARGIN, height: pdf.page.height - 2 * MARGIN };
  const set = (text: string, size: number) => pdf.font(fonts.for(text)).fontSize(size);

  /** Puts the blocks into so many columns; whether they all have room. */
  function lay(size: number, columns: number, draw: boolean): boolean {
    const width = (inner.width - (columns - 1) * BETWEEN) / columns;
    const [box, clock] = [size * BOX, size * CLOCK];
    let [column, y] = [0, 0];
    for (const { kind, text, from, grey } of blocks) {
      const letters = size * scales[kind];
      const indent = kind === 'step' ? box + (from === undefined ? 0 : clock) : 0;
      const room = width - indent;
      const all = grey ? `${text}  ${grey}` : text;
      const high = set(all, letters).heightOfString(all, { width: room }) + size * SPACE;
      if (y + high > inner.height) [column, y] = [column + 1, 0];
      if (column >= columns || high > inner.height) return false;
      const [left, top] = [MARGIN + column * (width + BETWEEN), MARGIN + y];
      if (draw) {
        if (kind === 'step') {
          pdf.lineWidth(0.8).rect(left, top, size, size).stroke('#000000');
          if (from !== undefined)
            set(from, letters)
              .fillColor('#000000')
              .text(from, left + box, top);
        }
        set(text, letters).fillColor('#000000');
        pdf.text(text, left + indent, top, { width: room, continued: grey !== undefined });
        if (grey !== undefined) set(grey, letters).fillColor(GREY).text(`  ${grey}`);
      }
      y += high;
    }
    return true;
  }

  /** About how much of a page it takes: whatever is sent, few layouts are worked out in full. */
  const letters = lengths.reduce((sum, length) => sum + Math.max(length, LEAST_LETTERS), 0);
  const mayFit = ({ size }: { size: number }) =>
    letters * size ** 2 * LETTER_AREA < MAY_FIT * inner.width * inner.height;
  // Large letters in one column or two first; three columns only where letters would get too small.
  const tries = [
    ...SIZES.filter((size) => size >= 8).flatMap((size) =>
      [1, 2].map((columns) => ({ size, columns })),
    ),
    ...SIZES.filter((size) => size < 8).flatMap((size) =>
      [2, 3].map((columns) => ({ size, columns })),
    ),
  ];
  const fits =
    tries.filter(mayFit).find(({ size, columns }) => lay(size, columns, false)) ?? tries.at(-1)!;
  lay(fits.size, fits.columns, true);
  pdf.end();
  return whole;
}
