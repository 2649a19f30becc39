import archivo from '@fontsource/archivo/files/archivo-latin-600-normal.woff?inline';
import dejaVu from 'dejavu-fonts-ttf/ttf/DejaVuSansCondensed.ttf?inline';

/** The face of the screen, as a font with outlines of its own: a variable font loses them when it is cut for a PDF. */
const FACE = 'label';
/** For every letter that the face does not have. */
const WIDE = 'label-wide';

const bytes = (url: string) => Buffer.from(url.split(',')[1] ?? '', 'base64');

/** Letters of the face: Latin-1, and the signs of the shop; thirds and sixths are not among them. */
const IN_FACE = /^[\u0020-\u007e\u00a0-\u00ff\u2013\u2014\u2018-\u201d\u2022\u2026\u2212]*$/;

/** Puts the fonts of a label into a PDF, and says which of them has all letters of a text. */
export function labelFonts(pdf: PDFKit.PDFDocument): { for: (text: string) => string } {
  pdf.registerFont(FACE, bytes(archivo)).registerFont(WIDE, bytes(dejaVu));
  return { for: (text) => (IN_FACE.test(text) ? FACE : WIDE) };
}
