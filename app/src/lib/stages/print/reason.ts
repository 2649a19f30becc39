import {
  type Certainty,
  type ContrastSet,
  type ContrastSetting,
  type StripPart,
  type StripReading,
} from '@katachron/core';
import { UNSEEN_STOPS, type LearnedDryDown, type Session } from './session.ts';
import { enlargerSeconds } from '../../words/duration.ts';
import { stopsInWords } from '../../words/fraction.ts';

/** Why a print's time and contrast are what they are. */
export function printReason(
  set: ContrastSet,
  made: ContrastSetting,
  reading: StripReading,
  timerStep: number,
): string[] {
  const { highlight, shadow, contrast, setting } = reading;
  if (contrast && !(highlight && shadow)) {
    const place = highlight ? 'shadow' : 'highlight';
    return [
      `The ${place} was picked on another strip; both are read as one: ${set.noun} ${setting.name}.`,
    ];
  }
  if (!highlight || !shadow || !contrast) {
    const place = highlight ? 'highlight' : 'shadow';
    const other = highlight ? 'shadow' : 'highlight';
    return [`The ${place} is right at this time. Pick the ${other} too, and the contrast follows.`];
  }
  const difference = Math.log2(shadow.seconds / highlight.seconds);
  const sentences: string[] = [];
  if (Math.abs(difference) < UNSEEN_STOPS) {
    sentences.push('Highlight and shadow are right on the same patch: the contrast stays.');
  } else {
    const wants = `The shadow wants ${stopsInWords(difference)} ${difference > 0 ? 'more' : 'less'} than the highlight`;
    const harder = setting.range < made.range;
    sentences.push(
      setting.id === made.id
        ? `${wants}, too little to change the ${set.noun}.`
        : `${wants}, so go ${harder ? 'harder' : 'softer'}: ${set.noun} ${setting.name}.`,
    );
    const change = reading.seconds - highlight.seconds;
    if (setting.id !== made.id && Math.abs(change) >= timerStep / 2) {
      sentences.push(
        `The ${harder ? 'harder' : 'softer'} ${set.noun} needs ${enlargerSeconds(Math.abs(change), timerStep)} s ${change > 0 ? 'more' : 'less'} to keep the highlight where you put it.`,
      );
    }
  }
  if (contrast.beyond) {
    const hard = contrast.beyond === 'too-hard';
    sentences.push(
      `No light makes this paper ${hard ? 'hard' : 'soft'} enough for both: ${hard ? 'burn the shadow in' : 'hold the shadow back'}, or place the tones closer.`,
    );
  } else if (Math.abs(contrast.shadowLeftStops) >= 1 / 12) {
    const light = contrast.shadowLeftStops > 0;
    sentences.push(
      `That leaves the shadow ${stopsInWords(contrast.shadowLeftStops)} too ${light ? 'light' : 'dark'}.`,
    );
  }
  return sentences;
}

/** What the numbers rest on, for whoever wants to check. */
export function contrastFigures(
  set: ContrastSet,
  reading: StripReading,
  dial?: { readonly name: string; readonly time: string },
): string | undefined {
  const { contrast, setting, highlight, shadow } = reading;
  if (!contrast) return undefined;
  const formula =
    highlight && shadow
      ? `, ${contrast.formulaRange.toFixed(1)} by the bare formula as first estimate`
      : '';
  const figures = `R ${contrast.range.toFixed(1)} wanted on the paper’s curve${formula}; ${set.noun} ${setting.name} is R ${Math.round(setting.range)}`;
  const exact = dial ? ` Between the points: ${dial.name}, ${dial.time} s.` : '';
  return `${figures}${set.calibrated ? '.' : ', not calibrated.'}${exact}`;
}

/** What to do next, and whether another strip is worth the paper. */
export function stripAdvice(
  set: ContrastSet,
  reading: StripReading & {
    readonly nextSettingId: string;
    readonly withinRange: number;
    readonly nextBeside?: StripPart;
  },
  wanted: Certainty,
): string {
  const is = `${stopsInWords(reading.withinStops)} and ${Math.round(reading.withinRange)} R`;
  if (reading.verdict === 'make-print') {
    return `That is within ${is}, as sure as ${wanted.name} asks. Another strip is not worth the paper.`;
  }
  const nameOf = (id: string) => set.settings.find((setting) => setting.id === id)?.name ?? '';
  const partOf = ({ patches, stepStops }: { patches: number; stepStops: number }, id: string) =>
    `${patches} patches in ${stopsInWords(stepStops)} at ${set.noun} ${nameOf(id)}`;
  const { nextBeside } = reading;
  const beside = nextBeside ? `, and beside it ${partOf(nextBeside, nextBeside.settingId)}` : '';
  const next = `${partOf(reading.nextStrip, reading.nextSettingId)}${beside}`;
  if (reading.verdict === 'reach-further') {
    return `A pick at the end of the strip: the right one may lie beyond. Make ${next}.`;
  }
  return `So far within ${is}; ${wanted.name} asks for ${stopsInWords(wanted.stops)}. Next: ${next}.`;
}

/** What the session says besides: what was learned before it, and whether its strips agree. */
export function sessionWords(
  set: ContrastSet,
  { reading, learnedFrom, knownStops, knownRange }: Session,
): { learned?: string; contradiction?: string } {
  const { contradiction } = reading;
  const prints = learnedFrom.length === 1 ? 'one print' : `${learnedFrom.length} prints`;
  return {
    ...(learnedFrom.length > 0 && {
      learned: `Learned from ${prints} in this set-up: from one ${set.noun} to the next within ${stopsInWords(knownStops)}, their ranges within ${Math.round(knownRange)} R.`,
    }),
    ...(contradiction && {
      contradiction: `This strip’s ${contradiction.place} wants ${stopsInWords(contradiction.stops)} ${contradiction.stops > 0 ? 'more' : 'less'} light than the strips before say. One of the picks is wrong, or something was changed. The answer rests on this strip alone.`,
    }),
  };
}

/** How wet strips and dry prints differ on this paper. */
export function dryWords({ stops, withinStops, prints, base }: LearnedDryDown): string {
  if (prints === 0) {
    return `Paper on ${base} base as a rule dries ${stopsInWords(stops)} darker than it looks wet, within ${stopsInWords(withinStops)}. Your verdict on a dry print makes it this paper’s own.`;
  }
  const said = prints === 1 ? 'One dry print' : `${prints} dry prints`;
  const percent = Math.round(100 * Math.abs(2 ** -stops - 1));
  if (Math.abs(stops) < UNSEEN_STOPS) return `${said} on this paper looked as the wet strips did.`;
  const way = stops > 0 ? 'darker' : 'lighter';
  return `${said} on this paper looked ${stopsInWords(stops)} ${way} than the wet strips, within ${stopsInWords(withinStops)}: ${percent} % ${stops > 0 ? 'less' : 'more'} light.`;
}

/** "Between 8.7 and 12.8 s.": where the right time lies 95 times in 100, to a tenth. */
export function bracketWords({ lowSeconds, highSeconds }: StripReading): string {
  const tenth = (seconds: number) => Number(seconds.toFixed(1));
  return `Between ${tenth(lowSeconds)} and ${tenth(highSeconds)} s.`;
}
