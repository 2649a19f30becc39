import { readText } from '$lib/kit/read-text.ts';
import { answer, api } from '$lib/server/api.ts';
import { bodyBytes } from '$lib/server/body.ts';
import { readDensities } from '$lib/nouns/calibration/file/read.ts';

/** A file of densities, CGATS.17 or CSV: its columns, or the line that is wrong and why. Nothing is kept. */
export const POST = api(async ({ request }) =>
  answer({ columns: readDensities(readText(await bodyBytes(request)).text) }),
);
