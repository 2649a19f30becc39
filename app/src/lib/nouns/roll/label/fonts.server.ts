import archivo from '@fontsource/archivo/files/archivo-latin-600-normal.woff?inline';
import dejaVu from 'dejavu-fonts-ttf/ttf/DejaVuSansCondensed.ttf?inline';

interface Face {
  readonly name: string;
  readonly bytes: () => Buffer;
}
const face = (name: string, url: string): Face => ({
  name,
  bytes: () => Buffer.from(url.split(',')[1] ?? '', 'base64'),
});

/** The face of the screen, as a font with outlines of its own: a variable font loses them when it is cut for a PDF. */
const SCREEN = face('label', archivo);
/** For every letter that the face does not have. */
const WIDE = face('label-wide', dejaVu);

/** Letters of the face: Latin-1, and the signs of the shop; thirds and sixths are not among them. */
const IN_FACE = /^[\u0020-\u007e\u00a0-\u00ff\u2013\u2014\u2018-\u201d\u2022\u2026\u2212]*$/;

/** The font that has all letters of a text. */
export const faceFor = (text: string): Face => (IN_FACE.test(text) ? SCREEN : WIDE);

/** Puts the fonts of a label into a PDF, and says which of them has all letters of a text. */
export function labelFonts(pdf: PDFKit.PDFDocument): { for: (text: string) => string } {
  for (const { name, bytes } of [SCREEN, WIDE]) pdf.registerFont(name, bytes());
  return { for: (text) => faceFor(text).name };
}
