import { withinText } from './certain.ts';

/** Fractions of a stop that people say, in twelfths. */
const GLYPHS: readonly string[] = [
  '',
  '1/12',
  '⅙',
  '¼',
  '⅓',
  '5/12',
  '½',
  '7/12',
  '⅔',
  '¾',
  '⅚',
  '11/12',
];
const TWELFTHS = 12;

/**
 * Stops without a sign, as a photographer writes them: 1⅓, ½, 2. Rounded to a twelfth.
 */
export function plainStops(stops: number): string {
  const twelfths = Math.round(Math.abs(stops) * TWELFTHS);
  const whole = Math.floor(twelfths / TWELFTHS);
  const glyph = GLYPHS[twelfths % TWELFTHS]!;
  if (whole === 0) return glyph || '0';
  return glyph.includes('/') ? `${whole} ${glyph}` : `${whole}${glyph}`;
}

/** Stops with their sign: +2, −⅓, 0. */
export function signedStops(stops: number): string {
  const plain = plainStops(stops);
  if (plain === '0') return '0';
  return `${stops > 0 ? '+' : '−'}${plain}`;
}

/** "⅓ stop", "1 stop", "2 stops". */
export function stopsInWords(stops: number): string {
  const plain = plainStops(stops);
  const single = Math.round(Math.abs(stops) * TWELFTHS) <= TWELFTHS && plain !== '0';
  return `${plain} ${single ? 'stop' : 'stops'}`;
}

/**
 * "0.19 stop": how sure a time is, never surer than it is. A twelfth is too coarse here: what two people ask for would read alike.
 */
export function withinInWords(stops: number): string {
  if (stops > 0.99) return `${Number(withinText(stops, 1))} ${stops > 1 ? 'stops' : 'stop'}`;
  return `${withinText(stops, 2)} stop`;
}
