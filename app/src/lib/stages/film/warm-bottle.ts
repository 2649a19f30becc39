import { secondsInBath } from '@katachron/core';
import type { FilmDraft } from './draft.ts';
import { BATH_BEYOND, BOTTLE_FOLLOWS } from '../../nouns/vessel/bottle.ts';
import { attempt } from '../../words/attempt.ts';
import { secondsInWords } from '../../words/duration.ts';
import { parseReading, readingOf, type Thermometer } from '../../words/reading.ts';
import { degrees, degreesApart, parseTemperature, type Unit } from '../../words/temperature.ts';

/** How much a bottle has to be warmed or cooled, and how long that takes in a water bath. */
export function warmBottle(
  draft: Pick<FilmDraft, 'warmTo' | 'waterBath'>,
  nowC: number | undefined,
  unit: Unit,
  thermometer?: Thermometer,
): { sentence?: string; troubles: { warmTo?: string; waterBath?: string } } {
  if (!draft.warmTo?.trim()) return { troubles: {} };
  const target = attempt(() => parseTemperature(draft.warmTo ?? '', unit, '/warmTo'));
  if (target.value === undefined) return { troubles: { warmTo: target.trouble } };
  if (nowC === undefined) {
    return { troubles: { warmTo: 'Type what the developer reads first.' } };
  }
  const wanted = target.value;
  const apart = wanted - nowC;
  if (Math.abs(apart) < 0.05) return { sentence: 'It has that already.', troubles: {} };
  const bath = draft.waterBath?.trim()
    ? attempt(() => parseReading(draft.waterBath ?? '', unit, thermometer, '/waterBath'))
    : { value: wanted + Math.sign(apart) * BATH_BEYOND };
  if (bath.value === undefined) return { troubles: { waterBath: bath.trouble ?? '' } };
  const bathC = bath.value;
  const time = attempt(() => secondsInBath(nowC, wanted, bathC, BOTTLE_FOLLOWS));
  if (time.value === undefined) return { troubles: { waterBath: time.trouble } };
  const does = apart > 0 ? 'Warm' : 'Cool';
  const shows = thermometer
    ? `: ${thermometer.name} then shows ${degrees(readingOf(thermometer, wanted), unit)}`
    : '';
  return {
    sentence:
      `${does} the bottle by ${degreesApart(Math.abs(apart), unit)}: about ${secondsInWords(time.value)} ` +
      `in water at ${degrees(bathC, unit)}. Stir, and read it before you pour${shows}.`,
    troubles: {},
  };
}
