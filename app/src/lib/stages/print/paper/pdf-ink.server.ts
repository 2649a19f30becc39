import PDFDocument from 'pdfkit';
import { labelFonts } from '../../../nouns/roll/label/fonts.server.ts';
import { PAGE_HIGH, PAGE_WIDE, type Ink } from './ink.ts';

const BADGE = { radius: 10, size: 13 };

/** Pages of a PDF. */
export function pdfInk(): Ink {
  const pdf = new PDFDocument({
    ...{ size: [PAGE_WIDE, PAGE_HIGH], margin: 0, info: { Title: 'Print plan' } },
  });
  const chunks: Uint8Array[] = [];
  const ended = new Promise<void>((resolve, reject) => {
    pdf.on('data', (chunk: Uint8Array) => chunks.push(chunk));
    pdf.on('end', resolve);
    pdf.on('error', reject);
  });
  const fonts = labelFonts(pdf);
  const write = (words: string, size: number) =>
    pdf.font(fonts.for(words)).fontSize(size).fillColor('#000000');
  return {
    text: (words, x, y, size, width) => {
      write(words, size).text(words, x, y, { width });
      return pdf.y;
    },
    title: (words, x, y, size, width) => {
      write(words, size).text(words, x, y, { width, height: size * 1.3, ellipsis: true });
    },
    picture: (png, { x, y, width, height }) => {
      pdf.image(Buffer.from(png), x, y, { width, height });
    },
    line: (points, closed, { x, y, width, height }, pen) => {
      pdf.save().rect(x, y, width, height).clip();
      for (const [n, at] of points.entries()) {
        if (n === 0) pdf.moveTo(at.x, at.y);
        else pdf.lineTo(at.x, at.y);
      }
      if (closed) pdf.closePath();
      if (pen.dash) pdf.dash(pen.dash[0], { space: pen.dash[1] });
      pdf.lineWidth(pen.width).stroke(pen.colour).undash().restore();
    },
    rect: ({ x, y, width, height }, pen) => {
      pdf.rect(x, y, width, height).lineWidth(pen.width).stroke(pen.colour);
    },
    badge: (label, x, y) => {
      const { radius, size } = BADGE;
      pdf.circle(x, y, radius).lineWidth(1).fillAndStroke('#ffffff', '#000000');
      write(label, size).text(label, x - radius, y - size / 2, {
        ...{ width: 2 * radius, align: 'center', lineBreak: false },
      });
    },
    turnPage: () => {
      pdf.addPage();
    },
    done: async () => {
      pdf.end();
      await ended;
      return Buffer.concat(chunks);
    },
  };
}
