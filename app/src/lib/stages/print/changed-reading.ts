import { keepTone, type ContrastSet, type Paper, type PrintReading } from '@katachron/core';
import { changeWords } from '../../nouns/print/next-change.ts';
import type { Change } from '../../nouns/print/sheet.ts';

/** The answer of the strips as the printer wants it: another contrast keeps the highlight, then all gets more or less light. */
export function changedReading(
  reading: PrintReading,
  { stops, settings }: Change,
  { paper, set }: { readonly paper: Paper; readonly set: ContrastSet },
  highlightDensity: number,
): PrintReading {
  const place = set.settings.findIndex(({ id }) => id === reading.setting.id);
  const last = set.settings.length - 1;
  const setting = set.settings[Math.min(last, Math.max(0, place + settings))] ?? reading.setting;
  const carried =
    setting.id === reading.setting.id
      ? reading.seconds
      : keepTone(paper, reading.setting, setting, reading.seconds, highlightDensity);
  const times = (carried / reading.seconds) * 2 ** stops;
  const { seconds, lowSeconds, highSeconds } = reading;
  return {
    ...{ ...reading, setting },
    seconds: seconds * times,
    lowSeconds: lowSeconds * times,
    highSeconds: highSeconds * times,
  };
}

export const changeReason = (change: Change, set: ContrastSet): string =>
  `After sheet ${change.by} was seen dry: ${changeWords(change, set.noun)} than the strips say.`;
