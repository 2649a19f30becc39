import subsetFont from 'subset-font';
import type { Plugin } from 'vite';

const from = (first: number, last: number) =>
  Array.from({ length: last - first + 1 }, (_, at) => String.fromCodePoint(first + at)).join('');

/** What people type in Latin letters, and the signs that the pages have. */
export const LETTERS = [
  from(0x20, 0x7e),
  from(0xa0, 0xff),
  'ŒœŠšŽž',
  '–—‘’‚“”„…•−×±≤≥≈√∞′″€⁄←↑→↓½¼¾⅓⅔⅙⅚⅛⅜⅝⅞',
].join('');

/** Each face, as heavy and as wide as anything is set in it. */
const faces = [
  { name: 'archivo', axes: { wght: { min: 400, max: 650 }, wdth: { min: 62, max: 100 } } },
  { name: 'literata', axes: { wght: { min: 400, max: 650 } } },
] as const;

/** Cuts the faces that ship to the letters, weights and widths that are used: little more than half of their weight is left. */
export const cutFonts = (): Plugin => ({
  name: 'cut-fonts',
  apply: 'build',
  async generateBundle(_options, bundle) {
    for (const file of Object.values(bundle)) {
      if (file.type !== 'asset' || !file.fileName.endsWith('.woff2')) continue;
      const face = faces.find(({ name }) => file.fileName.includes(`/${name}-`));
      if (!face) throw new Error(`${file.fileName} is of a face that nobody has cut.`);
      file.source = await subsetFont(Buffer.from(file.source), LETTERS, {
        ...{ targetFormat: 'woff2', variationAxes: face.axes },
      });
    }
  },
});
