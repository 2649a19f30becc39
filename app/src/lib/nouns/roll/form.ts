import { Refusal, type FilmFormatId } from '@katachron/core';
import { format, isValid, parseISO } from 'date-fns';
import type { Exposed, RollBody } from './contract.ts';
import { attempt } from '../../words/attempt.ts';
import { parseDecimal } from '../../words/decimal.ts';

/** An exposed roll as it is being typed. */
export interface RollForm {
  title: string;
  film: string;
  boxSpeed: string;
  exposureIndex: string;
  format: FilmFormatId;
  camera: string;
  subject: string;
  exposedOn: string;
  /** A line each: its number, or its holder, and what is on it. */
  frames: string;
  /** The test of Calibrate that it was exposed for; empty for any other roll. */
  test: string;
}

export type RollTroubles = Partial<Record<keyof RollForm, string>>;

export function emptyRollForm(nowMs: number): RollForm {
  return {
    title: '',
    film: '',
    boxSpeed: '',
    exposureIndex: '',
    format: 'small-36',
    camera: '',
    subject: '',
    exposedOn: format(nowMs, 'yyyy-MM-dd'),
    frames: '',
    test: '',
  };
}

/** A roll as it would have been typed. */
export function rollForm(roll: RollBody & { exposed: Exposed }): RollForm {
  const { exposed } = roll;
  return {
    title: roll.title,
    film: exposed.film,
    boxSpeed: String(exposed.boxSpeed),
    exposureIndex: String(roll.exposureIndex),
    format: exposed.format,
    camera: exposed.camera,
    subject: exposed.subject,
    exposedOn: exposed.exposedOn,
    frames: exposed.frames
      .map(({ mark, subject }) => [mark.replaceAll(' ', '/'), subject].filter(Boolean).join(' '))
      .join('\n'),
    test: exposed.test ?? '',
  };
}

const MOST_FRAMES = 72;

/** "14 the marver, close" or "F3/a Ilse gathering": the mark first, then what is on it. */
function readFrames(text: string): Exposed['frames'] {
  const lines = text.split('\n').filter((line) => line.trim() !== '');
  if (lines.length > MOST_FRAMES) {
    throw new Refusal('frames', '/frames', `A roll has at most ${MOST_FRAMES} frames.`);
  }
  return lines.map((line, index) => {
    const [mark = '', ...words] = line.trim().split(/\s+/);
    const subject = words.join(' ');
    if (mark.length > 20 || subject.length > 120) {
      const sentence = `Line ${index + 1} is too long: a short number or holder first, then at most 120 letters.`;
      throw new Refusal('frames', '/frames', sentence);
    }
    return { mark, subject };
  });
}

/** Reads the form: the roll's first page, or what is wrong with each field. */
export function readRoll(
  form: RollForm,
):
  | { title: string; exposureIndex: number; exposed: Exposed; troubles?: undefined }
  | { troubles: RollTroubles } {
  const speed = (text: string, sentence: string) =>
    attempt(() => {
      const value = parseDecimal(text, '', sentence);
      if (value < 0.1 || value > 1_000_000) throw new Refusal('speed', '', sentence);
      return value;
    });
  const film = attempt(() => {
    if (form.film.trim() === '') throw new Refusal('empty', '', 'Name the film.');
    return form.film.trim();
  });
  const title = attempt(() => {
    if (form.title.trim() === '') {
      throw new Refusal('empty', '', 'Give the roll a name or a number, as R-122.');
    }
    return form.title.trim();
  });
  const boxSpeed = speed(form.boxSpeed, 'Type the box speed, for example 400.');
  const exposureIndex = speed(
    form.exposureIndex.trim() || form.boxSpeed,
    'Type the speed it was shot at, for example 800.',
  );
  const exposedOn = attempt(() => {
    const typed = form.exposedOn.trim();
    if (!/^\d{4}-\d{2}-\d{2}$/.test(typed) || !isValid(parseISO(typed))) {
      throw new Refusal('day', '', 'Type the day it was exposed: day, month and year.');
    }
    return typed;
  });
  const frames = attempt(() => readFrames(form.frames));
  const troubles = Object.fromEntries(
    Object.entries({ film, title, boxSpeed, exposureIndex, exposedOn, frames }).flatMap(
      ([name, { trouble }]) => (trouble ? [[name, trouble]] : []),
    ),
  ) as RollTroubles;
  if (Object.keys(troubles).length > 0) return { troubles };
  return {
    title: title.value!,
    exposureIndex: exposureIndex.value!,
    exposed: {
      film: film.value!,
      boxSpeed: boxSpeed.value!,
      format: form.format,
      camera: form.camera.trim(),
      subject: form.subject.trim(),
      exposedOn: exposedOn.value!,
      frames: frames.value!,
      ...(form.test !== '' && { test: form.test }),
    },
  };
}
