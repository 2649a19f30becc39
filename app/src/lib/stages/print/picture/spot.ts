import { linearFromCode, toneWord } from '@katachron/core';
import type { ShownTones } from './messages.ts';

/** "dark grey, density 1.03, code 96": the tone of a spot as it is shown; at, in widths of the picture. */
export function spotWords(shown: ShownTones, at: { x: number; y: number }): string | undefined {
  const { width = 0, height = 0, codes, unknown, white = 255 } = shown;
  const [column, row] = [Math.floor(at.x * width), Math.floor(at.y * width)];
  if (!codes || column < 0 || row < 0 || column >= width || row >= height) return undefined;
  const place = row * width + column;
  if (unknown?.[place]) return 'paper white or full black in the straight print: nothing is known';
  const code = codes[place]!;
  const share = Math.max(linearFromCode(code) / linearFromCode(white), 1e-4);
  const density = Math.max(0, -Math.log10(share));
  return `${toneWord(density)}, ${density.toFixed(2)} over paper white, code ${code}`;
}
