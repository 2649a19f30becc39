import { readFileSync, readdirSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { create, type Font } from 'fontkit';
import { describe, expect, it } from 'vitest';
import { LETTERS } from '../../cut-fonts.ts';

const require = createRequire(import.meta.url);
const face = create(
  readFileSync(
    require.resolve('@fontsource-variable/archivo/files/archivo-latin-standard-normal.woff2'),
  ),
) as Font;
const sources = join(import.meta.dirname, '../../src');

describe('the letters that the faces are cut to', () => {
  it('are all that the pages set, as far as the face has them', () => {
    const used = readdirSync(sources, { recursive: true, encoding: 'utf8' })
      .filter((name) => /\.(svelte|ts)$/.test(name))
      .flatMap((name) => [...readFileSync(join(sources, name), 'utf8')]);
    const missing = [...new Set(used)].filter(
      (letter) =>
        letter > '~' &&
        face.hasGlyphForCodePoint(letter.codePointAt(0)!) &&
        !LETTERS.includes(letter),
    );
    expect(missing).toEqual([]);
  });
});
