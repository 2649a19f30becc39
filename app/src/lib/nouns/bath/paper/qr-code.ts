import QRCode from 'qrcode';

/** White round it, in modules: less than a reader asks for is made up by the label's own white. */
const MARGIN = 2;

/** Draws a code of an address, as squares that stay sharp on every printer. */
export function drawQrCode(
  pdf: PDFKit.PDFDocument,
  words: string,
  x: number,
  y: number,
  side: number,
) {
  const { modules } = QRCode.create(words, { errorCorrectionLevel: 'M' });
  const one = side / (modules.size + 2 * MARGIN);
  for (let row = 0; row < modules.size; row += 1) {
    for (let column = 0; column < modules.size; column += 1) {
      if (modules.get(row, column) === 0) continue;
      // A run of dark modules is one rectangle: between two of them a printer leaves a hair of white.
      const from = column;
      while (column + 1 < modules.size && modules.get(row, column + 1) !== 0) column += 1;
      const wide = (column - from + 1) * one;
      pdf.rect(x + (MARGIN + from) * one, y + (MARGIN + row) * one, wide, one * 1.01);
    }
  }
  pdf.fill('#000000');
}
