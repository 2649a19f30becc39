import { Refusal } from '@katachron/core';
import type { ColourPrintBody } from '../../../nouns/colour-print/contract.ts';
import { within } from '../../../kit/form.ts';

const parts = (text: string) => text.split(/[\s;]+/).filter(Boolean);

const BOX =
  'Type what the box says to add, C M Y, as 0 5 −10; a fourth number is stops more light.';

/**
 * What a box says of itself; nothing where nothing is typed.
 * @throws Refusal with what to type instead
 */
export function readCorrection(text: string): ColourPrintBody['correction'] {
  const typed = parts(text);
  if (typed.length === 0) return undefined;
  if (typed.length < 3 || typed.length > 4) throw new Refusal('box', '', BOX);
  const [c, m, y] = typed.map((part) => within(part, BOX, -300, 300));
  return { c: c!, m: m!, y: y!, stops: within(typed[3] ?? '0', BOX, -10, 10) };
}

export const correctionText = (correction: ColourPrintBody['correction']): string =>
  correction
    ? [correction.c, correction.m, correction.y, ...(correction.stops ? [correction.stops] : [])]
        .join(' ')
        .replaceAll('-', '−')
    : '';

const LIGHT = 'Type the light of the three channels, red green blue, in one unit, as 10 8 5.';

/**
 * What was read of a negative; nothing where nothing is typed.
 * @throws Refusal with what to type instead
 */
export function readLight(text: string): ColourPrintBody['light'] {
  const typed = parts(text);
  if (typed.length === 0) return undefined;
  if (typed.length !== 3) throw new Refusal('light', '', LIGHT);
  const [red, green, blue] = typed.map((part) => within(part, LIGHT, 0.0001, 1_000_000));
  return { red: red!, green: green!, blue: blue! };
}

export const lightText = (light: ColourPrintBody['light']): string =>
  light ? [light.red, light.green, light.blue].join(' ') : '';

/**
 * What is really dialled: what stands there unless something else was typed.
 * @throws Refusal with what to type instead
 */
export function readDialled(
  form: { readonly c: string; readonly m: string; readonly y: string; readonly seconds: string },
  now: NonNullable<ColourPrintBody['start']> | { pack: Pack; seconds: number },
): { pack: Pack; seconds: number } {
  const unit = (text: string, letter: string, value: number) =>
    text.trim() === ''
      ? Number(value.toFixed(1))
      : within(text, `Type the units of ${letter} that are dialled, from 0 to 300.`, 0, 300);
  return {
    pack: {
      c: unit(form.c, 'C', now.pack.c),
      m: unit(form.m, 'M', now.pack.m),
      y: unit(form.y, 'Y', now.pack.y),
    },
    seconds:
      form.seconds.trim() === ''
        ? Number(now.seconds.toFixed(3))
        : within(form.seconds, 'Type the seconds that it got, as 11.5.', 0.01, 3600),
  };
}
type Pack = NonNullable<ColourPrintBody['start']>['pack'];
