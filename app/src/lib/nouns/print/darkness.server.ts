import {
  defaultPaper,
  layersFor,
  meanDensity,
  printPicture,
  tiredBy,
  toneById,
} from '@katachron/core';
import { attempt } from '../../words/attempt.ts';
import { pictures } from '../picture/store.server.ts';
import { tonesOf } from '../picture/tones.server.ts';
import type { Print } from './contract.ts';
import { latestVersion } from './latest.ts';

/** Fine enough for a mean. */
const PIXELS = 200;
/** A print is written down again and again, its picture is one. */
const known = new Map<string, number | undefined>();
const MOST_KNOWN = 200;

/** How much more of its baths a print takes than its area says, by its picture; nothing where none tells it. */
export async function darknessOf({ picture, ...print }: Print): Promise<number | undefined> {
  if (!picture) return undefined;
  const { id, of, whiteCode, highlightCode, range = latestVersion(print).range } = picture;
  const key = [id, of, whiteCode, highlightCode, range].join();
  if (known.has(key)) return known.get(key);
  const preview = await pictures.preview(id);
  if (!preview) return undefined;
  const tones = await tonesOf(preview, PIXELS);
  const { value } = attempt(() => {
    const printed = printPicture(layersFor(defaultPaper, [range]), tones, {
      ...{ of, range, baseStops: 0, areas: [] },
      ...(whiteCode !== undefined && { whiteCode }),
      ...(highlightCode !== undefined && { highlightCode }),
      highlightDensity: toneById('VIII').netDensity,
    });
    // To a tenth: nobody knows it better, and a white that is moved a little writes no ledger anew.
    return Math.round(10 * tiredBy(meanDensity(printed.codes, printed.white))) / 10;
  });
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(key, value);
  return value;
}
