import { create, type Font } from 'fontkit';
import { faceFor } from '../../../nouns/roll/label/fonts.server.ts';

const opened = new Map<string, Font>();

function fontFor(words: string): Font {
  const { name, bytes } = faceFor(words);
  const known = opened.get(name);
  if (known) return known;
  const font = create(bytes()) as Font;
  opened.set(name, font);
  return font;
}

export const widthOf = (words: string, size: number): number => {
  const font = fontFor(words);
  return (font.layout(words).advanceWidth * size) / font.unitsPerEm;
};

/** From the top of a line down to its letters' foot, and to the next line. */
export function lineOf(
  words: string,
  size: number,
): { readonly foot: number; readonly next: number } {
  const { ascent, descent, lineGap, unitsPerEm } = fontFor(words);
  const scale = size / unitsPerEm;
  return { foot: ascent * scale, next: (ascent - descent + lineGap) * scale };
}

/** The outlines of a line of letters as a path, its foot at a place: it looks the same where the font is not. */
export function outlineOf(words: string, x: number, foot: number, size: number): string {
  const font = fontFor(words);
  const scale = size / font.unitsPerEm;
  const { glyphs, positions } = font.layout(words);
  let pen = x;
  return glyphs
    .map((glyph, n) => {
      const { xAdvance = 0, xOffset = 0, yOffset = 0 } = positions[n] ?? {};
      const [left, up] = [pen + xOffset * scale, foot - yOffset * scale];
      pen += xAdvance * scale;
      return glyph.path.transform(scale, 0, 0, -scale, left, up).toSVG();
    })
    .join('');
}

/** A text in lines no longer than its room; a word that is longer than a line is cut. */
export function linesOf(words: string, size: number, room: number): string[] {
  const lines: string[] = [];
  let line = '';
  for (const word of words.split(/ +/)) {
    const longer = line === '' ? word : `${line} ${word}`;
    if (widthOf(longer, size) <= room) {
      line = longer;
      continue;
    }
    if (line !== '') lines.push(line);
    line = word;
    while (widthOf(line, size) > room && line.length > 1) {
      let fits = line.length - 1;
      while (fits > 1 && widthOf(line.slice(0, fits), size) > room) fits -= 1;
      lines.push(line.slice(0, fits));
      line = line.slice(fits);
    }
  }
  return [...lines, line];
}
