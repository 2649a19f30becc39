import { Refusal } from '@katachron/core';

/**
 * Reads a number as people type it: with a point or a comma, a sign, or a fraction such as ⅓, 1/3, 2½, −¼.
 * @throws Refusal with the sentence given
 */
export function parseDecimal(text: string, field: string, sentence: string): number {
  const plain = text.normalize('NFKC').replace(/[−–]/g, '-').replace(/⁄/g, '/').trim();
  const decimal = /^[+-]?\d{1,7}(?:[.,]\d{1,6})?$/.exec(plain);
  if (decimal) return Number(plain.replace(',', '.'));
  const fraction = /^([+-]?)(?:(\d{1,3})\s+)?(\d{1,3})\/(\d{1,3})$/.exec(spaced(text) ?? plain);
  if (!fraction || Number(fraction[4]) === 0) throw new Refusal('number', field, sentence);
  const [, sign, whole = '0', above, below] = fraction;
  return (sign === '-' ? -1 : 1) * (Number(whole) + Number(above) / Number(below));
}

/** NFKC turns 2½ into 21⁄2; a space keeps whole and fraction apart. */
function spaced(text: string): string | undefined {
  const glyph = /^([+\-−–]?)(\d*)\s*([¼½¾⅐-⅞])$/u.exec(text.trim());
  if (!glyph) return undefined;
  const [, sign = '', whole = '', fraction = ''] = glyph;
  const plain = fraction.normalize('NFKC').replace('⁄', '/');
  return `${sign.replace(/[−–]/, '-')}${whole ? `${whole} ` : ''}${plain}`;
}
