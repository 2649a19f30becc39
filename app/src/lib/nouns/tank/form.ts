import {
  Refusal,
  filmFormat,
  filmFormats,
  type FilmFormatId,
  type TankMotion,
} from '@katachron/core';
import type { TankBody } from './contract.ts';
import { attempt } from '../../words/attempt.ts';
import {
  readVolume,
  retypeVolume,
  typedVolume,
  volumeWords,
  type VolumeUnit,
} from '../../words/volume.ts';
import { number } from '../../kit/number-field.ts';

/** A tank as it is being typed. */
export interface TankForm {
  name: string;
  motion: TankMotion;
  holds: string;
  drain: string;
  /** Minutes; empty while nobody measured it. */
  follows: string;
  /** By format: the volume for each film, and how many it takes. Empty where it takes none. */
  reels: Record<FilmFormatId, { each: string; most: string }>;
}

export type TankTroubles = Partial<
  Record<'name' | 'holds' | 'drain' | 'follows' | 'reels', string>
>;

const noReels = () =>
  Object.fromEntries(
    filmFormats.map(({ id }) => [id, { each: '', most: '' }]),
  ) as TankForm['reels'];

export const emptyTankForm = (): TankForm => ({
  name: '',
  motion: 'by-hand',
  holds: '',
  drain: '10',
  follows: '',
  reels: noReels(),
});

export function tankForm(tank: TankBody, unit: VolumeUnit): TankForm {
  const reels = noReels();
  for (const { format, mlEach, most } of tank.reels) {
    reels[format] = { each: typedVolume(mlEach, unit), most: String(most) };
  }
  return {
    name: tank.name,
    motion: tank.motion,
    holds: typedVolume(tank.holdsMl, unit),
    drain: String(tank.drainSeconds),
    follows:
      tank.timeConstantSeconds === undefined
        ? ''
        : String(Math.round(tank.timeConstantSeconds / 60)),
    reels,
  };
}

const keptEach = (kept: TankBody | undefined, format: FilmFormatId) =>
  kept?.reels.find((reel) => reel.format === format)?.mlEach;

/** The same form with its volumes in the other unit. */
export function inUnit(
  form: TankForm,
  from: VolumeUnit,
  to: VolumeUnit,
  kept?: TankBody,
): Pick<TankForm, 'holds' | 'reels'> {
  const reels = noReels();
  for (const { id } of filmFormats) {
    const { each, most } = form.reels[id];
    reels[id] = { each: retypeVolume(each, from, to, keptEach(kept, id)), most };
  }
  return { holds: retypeVolume(form.holds, from, to, kept?.holdsMl), reels };
}

function readReels(form: TankForm, unit: VolumeUnit, kept?: TankBody): TankBody['reels'] {
  const found = filmFormats.flatMap(({ id, name }) => {
    const { each, most } = form.reels[id];
    if (each.trim() === '' && most.trim() === '') return [];
    const count = number(most || '1', `${name}: type how many go in, as 2.`, 1, 40, true);
    if (count.value === undefined) throw new Refusal('reels', '', count.trouble);
    const { value: mlEach, trouble } = attempt(() =>
      readVolume(each, {
        ...{ unit, what: 'the liquid for each', usualMl: 300 },
        ...{ leastMl: 1, mostMl: 100_000, keptMl: keptEach(kept, id) },
      }),
    );
    if (mlEach === undefined) throw new Refusal('reels', '', `${name}: ${trouble}`);
    return [{ format: id, mlEach, most: count.value }];
  });
  if (found.length === 0) {
    throw new Refusal('reels', '', 'Fill in at least one format that the tank takes.');
  }
  return found;
}

/** Reads the form: the tank, or what is wrong with each field. What is kept stays as it is where nothing was typed. */
export function readTank(
  form: TankForm,
  unit: VolumeUnit,
  kept?: TankBody,
): { body: TankBody } | { body?: undefined; troubles: TankTroubles } {
  const name = attempt(() => {
    if (form.name.trim() === '') throw new Refusal('empty', '', 'Name the tank.');
    return form.name.trim();
  });
  const holds = attempt(() =>
    readVolume(form.holds, {
      ...{ unit, what: 'what it holds', usualMl: 620 },
      ...{ leastMl: 1, mostMl: 100_000, keptMl: kept?.holdsMl },
    }),
  );
  const drain = number(form.drain, 'Type seconds, for example 10.', 0, 120);
  const follows: { value?: number; trouble?: string } =
    form.follows.trim() === ''
      ? {}
      : number(form.follows, 'Type minutes, for example 30.', 1, 1440);
  const reels = attempt(() => readReels(form, unit, kept));
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

/** "by hand, holds 620 ml, drains in 10 s; 2 × 135-36, 300 ml each": a tank in a line. */
export function tankLine(
  { motion, holdsMl, reels, drainSeconds }: TankBody,
  unit: VolumeUnit,
): string {
  const takes = reels.map(
    ({ format, mlEach, most }) =>
      `${most} × ${filmFormat(format).name}, ${volumeWords(mlEach, unit)} each`,
  );
  return `${motion === 'rotary' ? 'rotary' : 'by hand'}, holds ${volumeWords(holdsMl, unit)}, drains in ${drainSeconds} s; ${takes.join('; ')}`;
}
