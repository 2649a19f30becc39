import type { AskedPicture, ShownTones } from './messages.ts';
import { coloured, mirrored, paint, usualCodes, type Tones } from './paint.ts';

/** Shows pictures, away from the page: what is drawn on it must not wait for a million pixels. */

const kept = new Map<string, Promise<Tones>>();

async function read(id: string, width: number): Promise<Tones> {
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

function tonesOf(id: string, width: number): Promise<Tones> {
  const name = `${id} ${width}`;
  const tones = kept.get(name) ?? read(id, width);
  kept.set(name, tones);
  // What could not be read is read again the next time.
  tones.catch(() => kept.delete(name));
  return tones;
}

async function show({ number, question, width, red }: AskedPicture): Promise<void> {
  try {
    const tones = await tonesOf(question.picture.id, width);
    const painted = paint(question.picture.mirrored ? mirrored(tones) : tones, question);
    const shown: ShownTones = {
      ...{ number, width, height: tones.height, usual: usualCodes(tones) },
      ...{ codes: painted.codes, unknown: painted.unknown, white: painted.white },
      rgba: coloured(painted, width, red),
    };
    postMessage(shown, { transfer: [shown.rgba!.buffer, shown.codes!.buffer] });
  } catch {
    postMessage({ number, trouble: 'The picture does not come: the server may be away.' });
  }
}

onmessage = ({ data }: MessageEvent<AskedPicture>) => void show(data);
