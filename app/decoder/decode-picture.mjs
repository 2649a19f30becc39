import { parentPort } from 'node:worker_threads';
import sharp from 'sharp';

/**
 * Decodes one picture after the other, in a thread of its own: grey, and in its colours where they count, turned upright, without anything else that the file says
 * of where and when. A file of its own, outside of what is bundled, since a thread begins with a file.
 */

const FORMATS = ['jpeg', 'png', 'webp', 'tiff'];
const MOST_PIXELS = 60e6;
const LONGEST_SIDE = 2048;
const QUALITY = 90;

// One strip of the picture after the other, and nothing kept of the one before: a large one must not take the machine's memory.
sharp.cache(false);
sharp.concurrency(1);

/** Colours are compared side by side, each small. */
const COLOUR_SIDE = 720;

/**
 * @param {Uint8Array} bytes
 * @param {number} longest
 */
const upright = (bytes, longest) =>
  sharp(bytes, {
    limitInputPixels: MOST_PIXELS,
    sequentialRead: true,
    failOn: 'truncated',
  })
    .autoOrient()
    .resize({
      ...{ width: longest, height: longest, fit: 'inside', withoutEnlargement: true },
    })
    .flatten({ background: '#fff' });

/**
 * @param {Uint8Array} bytes
 * @param {boolean} inColour
 */
async function decoded(bytes, inColour) {
  // Of what is too large the header may be read, so that it can be said.
  const about = await sharp(bytes, { limitInputPixels: false }).metadata();
  if (!FORMATS.includes(about.format ?? '')) return { trouble: 'no-picture' };
  if ((about.pages ?? 1) > 1) return { trouble: 'several' };
  if ((about.width ?? 0) * (about.height ?? 0) > MOST_PIXELS) return { trouble: 'too-many-pixels' };
  const { data, info } = await upright(bytes, LONGEST_SIDE)
    .toColourspace('b-w')
    .webp({ quality: QUALITY })
    .toBuffer({ resolveWithObject: true });
  const colours = inColour
    ? await upright(bytes, COLOUR_SIDE).toColourspace('srgb').webp({ quality: QUALITY }).toBuffer()
    : undefined;
  return { preview: data, width: info.width, height: info.height, ...(colours && { colours }) };
}

parentPort?.on(
  'message',
  async (/** @type {{ bytes: Uint8Array, inColour: boolean }} */ { bytes, inColour }) => {
    try {
      parentPort?.postMessage(await decoded(bytes, inColour));
    } catch {
      parentPort?.postMessage({ trouble: 'damaged' });
    }
  },
);
