import { usualCodes, type PictureTones } from '@katachron/core';
import type { PictureMessage, ShownTones } from './messages.ts';
import { coloured } from './paint.ts';
import { laid, painted } from './painted.ts';
import type { AskedPicture } from './question.ts';

/** Shows pictures, away from the page: what is drawn on it must not wait for a million pixels. */

const kept = new Map<string, Promise<PictureTones>>();

async function read(id: string, width: number): Promise<PictureTones> {
  const response = await fetch(`/api/v1/pictures/${id}/preview`);
  if (!response.ok) throw new Error('The picture is not there.');
  const bitmap = await createImageBitmap(await response.blob());
  const height = Math.max(1, Math.round((bitmap.height / bitmap.width) * width));
  const canvas = new OffscreenCanvas(width, height);
  const context = canvas.getContext('2d', { willReadFrequently: true })!;
  context.drawImage(bitmap, 0, 0, width, height);
  const { data } = context.getImageData(0, 0, width, height);
  const codes = Uint8Array.from({ length: width * height }, (_, at) => data[at * 4]!);
  return { codes, width, height };
}

function tonesOf(id: string, width: number): Promise<PictureTones> {
  const name = `${id} ${width}`;
  const tones = kept.get(name) ?? read(id, width);
  kept.set(name, tones);
  // What could not be read is read again the next time.
  tones.catch(() => kept.delete(name));
  return tones;
}

let last: { readonly name: string; readonly easel: PictureTones } | undefined;

/** Squared up and the right way round: while a plan is drawn on it that stays the same. */
function easelOf(tones: PictureTones, asked: AskedPicture, width: number): PictureTones {
  const { id, corners, mirrored } = asked;
  const name = JSON.stringify([id, width, corners, mirrored]);
  if (last?.name !== name) last = { name, easel: laid(tones, asked) };
  return last.easel;
}

async function show({ number, asked, width, red }: PictureMessage): Promise<void> {
  try {
    const tones = await tonesOf(asked.id, width);
    const easel = easelOf(tones, asked, width);
    const print = painted(easel, asked);
    const shown: ShownTones = {
      ...{ number, width, height: easel.height, usual: usualCodes(easel.codes) },
      ...print,
      rgba: coloured(print, width, red),
    };
    postMessage(shown, { transfer: [shown.rgba!.buffer, shown.codes!.buffer] });
  } catch {
    postMessage({ number, trouble: 'The picture does not come: the server may be away.' });
  }
}

onmessage = ({ data }: MessageEvent<PictureMessage>) => void show(data);
