import { Refusal, channels, eachChannel, packStops, type ChannelId } from '@katachron/core';
import type { ColourPrintBody, ColourTest } from '../../../nouns/colour-print/contract.ts';
import { within } from '../../../kit/form.ts';
import type { ColourView } from './colour-view.ts';

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

type Form = Readonly<Record<ChannelId | 'seconds', string>>;
type Dialled = Pick<ColourTest, 'pack' | 'seconds'>;
/** What stands there to be dialled, and the head and lamp that it is for. */
type Bench = Pick<ColourView, 'head' | 'lagSeconds'> & { readonly next: Dialled };

/**
 * What is really dialled: what stands there unless something else was typed. A pack of one's own without a time has the time
 * that its filters make of the one that stands there.
 * @throws Refusal with what to type instead
 */
export function readDialled(form: Form, { next, head, lagSeconds }: Bench): Dialled {
  const own = channels.filter(({ id }) => form[id].trim() !== '');
  const pack = eachChannel((id) => Number(next.pack[id].toFixed(1)));
  for (const { id, letter } of own) {
    pack[id] = within(
      form[id],
      `Type the units of ${letter} that are dialled, from 0 to 300.`,
      0,
      300,
    );
  }
  if (form.seconds.trim() !== '') {
    const seconds = within(form.seconds, 'Type the seconds that it got, as 11.5.', 0.01, 3600);
    return { pack, seconds };
  }
  const stops = own.length > 0 ? packStops(pack, head) - packStops(next.pack, head) : 0;
  const light = Math.max(0, next.seconds - lagSeconds) * 2 ** stops;
  return { pack, seconds: Number((light + lagSeconds).toFixed(3)) };
}
