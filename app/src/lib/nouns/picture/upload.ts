import { putFile } from '../../kit/client.ts';
import { newId } from '../../kit/new-id.ts';
import type { Picture } from './contract.ts';
import { MOST_PICTURE_BYTES } from './kinds.ts';

/** A file that somebody chose, kept as a picture, and itself where that is asked for; or the sentence that says why not. */
export async function upload(
  file: File,
  { keepFile = false, inColour = false } = {},
): Promise<{ picture?: Picture; problem?: string }> {
  if (file.size > MOST_PICTURE_BYTES) {
    return {
      problem: `This file is ${Math.round(file.size / 1e6)} MB; a picture may have ${MOST_PICTURE_BYTES / 1e6}. Make it smaller first.`,
    };
  }
  const asked = new URLSearchParams({
    ...(keepFile && { original: 'keep' }),
    ...(inColour && { colour: 'keep' }),
  }).toString();
  const outcome = await putFile<Picture>(
    `/api/v1/pictures/${newId()}${asked && `?${asked}`}`,
    file,
  );
  return outcome.value ? { picture: outcome.value } : { problem: outcome.problem?.detail ?? '' };
}
