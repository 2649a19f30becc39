import {
  Refusal,
  filmFormat,
  filmFormats,
  type FilmFormatId,
  type TankMotion,
} from '@katachron/core';
import type { TankBody } from '../contract/tank.ts';
import { attempt } from '../words/attempt.ts';
import { parseDecimal } from '../words/decimal.ts';

/** A tank as it is being typed. */
export interface TankForm {
  name: string;
  motion: TankMotion;
  holds: string;
  drain: string;
  /** Minutes; empty while nobody measured it. */
  follows: string;
  /** By format: ml for each film, and how many it takes. Empty where it takes none. */
  reels: Record<FilmFormatId, { ml: string; most: string }>;
}

export type TankTroubles = Partial<
  Record<'name' | 'holds' | 'drain' | 'follows' | 'reels', string>
>;

const noReels = () =>
  Object.fromEntries(filmFormats.map(({ id }) => [id, { ml: '', most: '' }])) as TankForm['reels'];

export const emptyTankForm = (): TankForm => ({
  name: '',
  motion: 'by-hand',
  holds: '',
  drain: '10',
  follows: '',
  reels: noReels(),
});

export function tankForm(tank: TankBody): TankForm {
  const reels = noReels();
  for (const { format, mlEach, most } of tank.reels) {
    reels[format] = { ml: String(mlEach), most: String(most) };
  }
  return {
    name: tank.name,
    motion: tank.motion,
    holds: String(tank.holdsMl),
    drain: String(tank.drainSeconds),
    follows:
      tank.timeConstantSeconds === undefined
        ? ''
        : String(Math.round(tank.timeConstantSeconds / 60)),
    reels,
  };
}

function number(text: string, sentence: string, least: number, most: number): number {
  const value = parseDecimal(text, '', sentence);
  if (value < least || value > most) throw new Refusal('number', '', sentence);
  return value;
}

function readReels(form: TankForm): TankBody['reels'] {
  const found = filmFormats.flatMap(({ id, name }) => {
    const { ml, most } = form.reels[id];
    if (ml.trim() === '' && most.trim() === '') return [];
    const sentence = `${name}: type the ml for each and how many go in, as 300 and 2.`;
    const count = number(most || '1', sentence, 1, 40);
    if (!Number.isInteger(count)) throw new Refusal('reels', '', sentence);
    return [{ format: id, mlEach: number(ml, sentence, 1, 100_000), most: count }];
  });
  if (found.length === 0) {
    throw new Refusal('reels', '', 'Fill in at least one format that the tank takes.');
  }
  return found;
}

/** Reads the form: the tank, or what is wrong with each field. */
export function readTank(
  form: TankForm,
): { body: TankBody } | { body?: undefined; troubles: TankTroubles } {
  const name = attempt(() => {
    if (form.name.trim() === '') throw new Refusal('empty', '', 'Name the tank.');
    return form.name.trim();
  });
  const holds = attempt(() =>
    number(form.holds, 'Type what it holds in ml, for example 620.', 1, 100_000),
  );
  const drain = attempt(() => number(form.drain, 'Type seconds, for example 10.', 0, 120));
  const follows = attempt(() =>
    form.follows.trim() === ''
      ? undefined
      : number(form.follows, 'Type minutes, for example 30.', 1, 1440),
  );
  const reels = attempt(() => readReels(form));
  const troubles = Object.fromEntries(
    Object.entries({ name, holds, drain, follows, reels }).flatMap(([field, { trouble }]) =>
      trouble ? [[field, trouble]] : [],
    ),
  ) as TankTroubles;
  if (Object.keys(troubles).length > 0) return { troubles };
  return {
    body: {
      name: name.value!,
      motion: form.motion,
      reels: reels.value!,
      holdsMl: holds.value!,
      drainSeconds: drain.value!,
      ...(follows.value !== undefined && { timeConstantSeconds: follows.value * 60 }),
    },
  };
}

/** "by hand, 620 ml; 2 × 135-36 in 300 ml each": a tank in a line. */
export function tankLine({ motion, holdsMl, reels, drainSeconds }: TankBody): string {
  const takes = reels.map(
    ({ format, mlEach, most }) => `${most} × ${filmFormat(format).name}, ${mlEach} ml each`,
  );
  return `${motion === 'rotary' ? 'rotary' : 'by hand'}, holds ${holdsMl} ml, drains in ${drainSeconds} s; ${takes.join('; ')}`;
}
