import {
  Refusal,
  channels,
  ringAround,
  type ChannelId,
  type ColourHead,
  type RingChoices,
} from '@katachron/core';
import { packWords } from '../../../nouns/colour-print/words.ts';
import { within } from '../../../kit/form.ts';
import { attempt } from '../../../words/attempt.ts';
import { enlargerSeconds } from '../../../words/duration.ts';
import type { NextColour } from './colour-view.ts';

/** What can be moved on one sheet. */
export const ringMoves = [
  ...channels.map(({ id, name }) => ({ id, name })),
  { id: 'time', name: 'the time' },
] as const;

/** A ring-around as it is being typed. */
export interface RingForm {
  moved: string;
  step: string;
  patches: string;
  /** How long the sheet is, mm. */
  sheet: string;
}
export const emptyRing = () => ({ moved: 'm', step: '5', patches: '5', sheet: '254' });

/**
 * The choices that a form amounts to.
 * @throws Refusal with what to type instead
 */
export function readRing(form: RingForm): RingChoices {
  const time = form.moved === 'time';
  const step = within(
    form.step,
    time ? 'Type the step in stops, as ¼.' : 'Type the step in units, as 5.',
    0.01,
    time ? 3 : 100,
  );
  return {
    ...(!time && { channel: form.moved as ChannelId }),
    step,
    patches: Number(form.patches),
  };
}

/** One patch of the sheet, as it is given. */
export interface RingLine {
  readonly number: number;
  readonly pack: string;
  readonly seconds: string;
  /** Where the mask's window stands. */
  readonly window: string;
}

/** Every patch: its pack, its own time, and where the window stands. */
export function ringLines(
  form: RingForm,
  next: Pick<NextColour, 'pack' | 'seconds'>,
  head: ColourHead,
  lagSeconds: number,
): { readonly lines: readonly RingLine[]; readonly trouble?: string } {
  const { value, trouble } = attempt(() => {
    const choices = readRing(form);
    const sheet = within(form.sheet, 'Type how long the sheet is, mm, as 254.', 30, 2000);
    if (!channels.some(({ id }) => id === form.moved) && form.moved !== 'time') {
      throw new Refusal('ring', '', 'Choose what is moved: a filter, or the time.');
    }
    const wide = sheet / choices.patches;
    const lit = { ...next, seconds: next.seconds - lagSeconds };
    return ringAround(lit, choices, head).map(({ pack, seconds }, at) => ({
      number: at + 1,
      pack: packWords(pack),
      seconds: enlargerSeconds(seconds + lagSeconds),
      window: `${Math.round(at * wide)} to ${Math.round((at + 1) * wide)} mm`,
    }));
  });
  return trouble === undefined ? { lines: value ?? [] } : { lines: [], trouble };
}

/** What can be picked: each patch, and between each two. */
export const ringPositions = (patches: number) =>
  Array.from({ length: 2 * patches - 1 }, (_, at) => {
    const position = at / 2;
    const before = Math.floor(position) + 1;
    return {
      position,
      /** On its button: a number, or a dot between two. */
      mark: Number.isInteger(position) ? String(before) : '·',
      name: Number.isInteger(position)
        ? `Patch ${before}`
        : `Between patch ${before} and ${before + 1}`,
    };
  });
