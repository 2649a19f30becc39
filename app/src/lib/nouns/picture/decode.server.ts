import { createRequire } from 'node:module';
import { Worker } from 'node:worker_threads';
import { Refusal } from '@katachron/core';

/** What a picture becomes. */
export interface Decoded {
  readonly preview: Uint8Array;
  readonly width: number;
  readonly height: number;
  /** Small, in its colours, where they were asked for. */
  readonly colours?: Uint8Array;
}

/** What is wrong with a file, and the sentence for it. */
const troubles: Record<string, string> = {
  'no-picture': 'This is no picture that can be read here: send a JPEG, PNG, WebP or TIFF.',
  several: 'There is more than one picture in this file: send one alone.',
  'too-many-pixels': 'A picture may have up to 60 megapixels: make it smaller first.',
  damaged:
    'The picture cannot be read: the file is damaged or ends too early. Save it once more, or send another one.',
  'too-slow': 'The picture took too long to read: make it smaller first.',
  memory: 'The picture needs more memory than there is for it: make it smaller first.',
};

const MOST_MEMORY_MB = 256;
const MOST_MS = 60_000;

const file = () =>
  createRequire(import.meta.url).resolve('@katachron/app/decoder/decode-picture.mjs');

type Said = Decoded | { readonly trouble: string };

/** In a thread of its own, which ends with it: what a file does to the decoder ends there too. */
function inThread(bytes: Uint8Array, inColour: boolean): Promise<Said> {
  return new Promise((resolve) => {
    const worker = new Worker(file(), {
      resourceLimits: { maxOldGenerationSizeMb: MOST_MEMORY_MB },
    });
    const end = (said: Said) => {
      clearTimeout(timer);
      resolve(said);
      void worker.terminate();
    };
    const timer = setTimeout(() => end({ trouble: 'too-slow' }), MOST_MS);
    worker
      .on('message', end)
      .on('error', (cause: Error & { code?: string }) =>
        end({ trouble: cause.code === 'ERR_WORKER_OUT_OF_MEMORY' ? 'memory' : 'damaged' }),
      );
    worker.postMessage({ bytes, inColour });
  });
}

let last: Promise<unknown> = Promise.resolve();

/**
 * Makes a small grey picture of a file, one at a time, and one in its colours where that is wanted.
 * @throws Refusal `picture` with a sentence for a file that is no picture, too large or damaged
 */
export async function decodePicture(bytes: Uint8Array, inColour = false): Promise<Decoded> {
  const turn = last.then(() => inThread(bytes, inColour));
  last = turn;
  const said = await turn;
  if ('trouble' in said) {
    throw new Refusal('picture', '', troubles[said.trouble] ?? troubles.damaged!);
  }
  return said;
}
