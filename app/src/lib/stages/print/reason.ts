import {
  BOX_NOTICED,
  NINETY_FIVE,
  lookedAtWith,
  type Certainty,
  type ContrastSet,
  type ContrastSetting,
  type Lamp,
  type NoGain,
  type OddLook,
  type PrintReading,
  type WayOfLookingId,
} from '@katachron/core';
import { withinText } from '../../words/certain.ts';
import type { StripHalf } from './print-view.ts';
import { UNSEEN_STOPS, type LearnedDryDown } from './dried.ts';
import type { Session } from './session.ts';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import { enlargerSeconds } from '../../words/duration.ts';
import { stopsInWords, withinInWords } from '../../words/fraction.ts';

/** Less than this is the same time, stops. */
const SAME_TIME = 1 / 12;

/** What the change of contrast alone does to the time. */
function filterWords(
  set: ContrastSet,
  { highlight, setting }: PrintReading,
  made: ContrastSetting,
  carried: number,
  timerStep: number,
): string[] {
  const change = carried - highlight!.seconds;
  if (Math.abs(change) < timerStep / 2) return [];
  const more = change > 0 ? 'more' : 'less';
  return [
    `The ${setting.range < made.range ? 'harder' : 'softer'} ${set.noun} needs ${enlargerSeconds(Math.abs(change), timerStep)} s ${more} to keep the highlight where you put it.`,
  ];
}

/** Why a print's time and contrast are what they are; `carried` is the highlight's time at the answer's setting, by the curve alone, s. */
export function printReason(
  set: ContrastSet,
  made: ContrastSetting,
  reading: PrintReading,
  carried: number,
  timerStep: number,
): string[] {
  const { highlight, shadow, contrastBy, setting, beyond, shadowLeftStops } = reading;
  if (contrastBy === 'readings') {
    const is = `contrast is what was read of the negative: ${set.noun} ${setting.name}`;
    if (!highlight && !shadow) {
      return [
        `The ${is}; the time follows from prints that were right before.`,
        // Nothing has looked at the paper yet.
        'On a box of paper newer than theirs make a strip first: it may be faster or slower.',
      ];
    }
    return [`The ${highlight ? 'highlight' : 'shadow'} was picked; the ${is}.`];
  }
  if (contrastBy && !(highlight && shadow)) {
    const place = highlight ? 'shadow' : 'highlight';
    return [
      `The ${place} was picked on another strip; both are read as one: ${set.noun} ${setting.name}.`,
    ];
  }
  if (!highlight || !shadow) {
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
    if (setting.id !== made.id)
      sentences.push(...filterWords(set, reading, made, carried, timerStep));
  }
  if (beyond) {
    const hard = beyond === 'too-hard';
    sentences.push(
      `No light makes this paper ${hard ? 'hard' : 'soft'} enough for both: ${hard ? 'burn the shadow in' : 'hold the shadow back'}, or place the tones closer.`,
    );
  } else if (Math.abs(shadowLeftStops) >= 1 / 12) {
    const light = shadowLeftStops > 0;
    sentences.push(
      `That leaves the shadow ${stopsInWords(shadowLeftStops)} too ${light ? 'light' : 'dark'}.`,
    );
  }
  return sentences;
}

/** Less than this of a lag makes no difference that is worth a word, s. */
const LAG_TOLD = 0.03;

/** What else than the picked patch and the curve moves the answer: other strips, and what earlier prints taught. */
export function togetherReason(
  { seconds }: PrintReading,
  carried: number,
  timerStep: number,
): string[] {
  if (carried <= 0 || Math.abs(Math.log2(seconds / carried)) < SAME_TIME) return [];
  const shown = (time: number) => enlargerSeconds(time, timerStep);
  return [
    `That patch alone would say ${shown(carried)} s; with all else that is known it is ${shown(seconds)} s.`,
  ];
}

/** What a lag that nobody has measured does to the answer of a patch that was given in several firings. */
export function lagReason(
  { choices, highlight, shadow }: Pick<StripHalf, 'choices' | 'highlight' | 'shadow'>,
  { lagSeconds, seconds }: PrintReading,
  carried: number,
  lamp: Lamp,
): string[] {
  const position = (highlight ?? shadow)?.position ?? 0;
  const firings = Math.ceil(position) + 1;
  if (lamp.lagSeconds !== 0 || lagSeconds < LAG_TOLD) return [];
  if (choices.method !== 'cover-up' || firings < 2) return [];
  const shown = (time: number) => enlargerSeconds(time, lamp.timerStepSeconds);
  const instead =
    carried > 0 && shown(carried) !== shown(seconds)
      ? `: ${shown(seconds)} s instead of ${shown(carried)} s`
      : '';
  return [
    `The lamp’s lag is not written down: about ${Number(lagSeconds.toFixed(2))} s is taken as lost at each of that patch’s ${firings} firings, and one firing loses it once${instead}.`,
  ];
}

/** Less than this is the same contrast, R. */
const SAME_RANGE = 2;

/** What the numbers rest on, for whoever wants to check. */
export function contrastFigures(
  set: ContrastSet,
  reading: PrintReading,
  dial?: { readonly name: string; readonly time: string },
): string | undefined {
  const { alone, contrastBy, wantedRange, setting } = reading;
  if (!contrastBy) return undefined;
  const formula = alone
    ? `, ${alone.formulaRange.toFixed(1)} by the bare formula as first estimate`
    : '';
  const own = alone?.range ?? wantedRange;
  const together =
    Math.abs(own - wantedRange) < SAME_RANGE
      ? ''
      : `; R ${wantedRange.toFixed(1)} with all else that is known`;
  const figures = `R ${own.toFixed(1)} wanted on the paper’s curve${formula}${together}; ${set.noun} ${setting.name} is R ${Math.round(setting.range)}`;
  const exact = dial ? ` Between the points: ${dial.name}, ${dial.time} s.` : '';
  return `${figures}${set.calibrated ? '.' : ', not calibrated.'}${exact}`;
}

/** Why no strip brings what was asked for, and what does. */
const noGainWords: Record<NoGain, string> = {
  timer: 'The timer’s step is too coarse for so short a time: stop the lens down to come nearer.',
  lag: 'The lamp’s lag is not known well enough for so short a time: measure it, or stop the lens down.',
  settings:
    'The negative asks for a contrast between two of the set, and neither comes nearer: take this one, or burn and dodge.',
  eye: 'Further looks would not bring it much nearer.',
};

/** What to do next, and whether another strip is worth the paper. */
export function stripAdvice(
  set: ContrastSet,
  reading: PrintReading,
  draft: Pick<PrintDraft, 'method'>,
  wanted: Certainty,
  lookAgain = false,
): string {
  const { withinStops, withinRange, contrastBy, next, noGain, separately } = reading;
  const contrast = contrastBy ? `${withinText(withinRange, 0)} R` : 'contrast not known yet';
  const is = timeKnown(reading)
    ? `within ${withinInWords(withinStops)} and ${contrast}`
    : `the contrast within ${contrast}, the time not known`;
  if (noGain) {
    return `That is ${is}; ${wanted.name} asks for ${wantedWords(wanted)}. ${noGainWords[noGain]}`;
  }
  if (reading.verdict === 'make-print') {
    return `That is ${is}, as sure as ${wanted.name} asks. Another strip is not worth the paper.`;
  }
  const nameOf = (id: string) => lookedAtWith(set).find((setting) => setting.id === id)?.name ?? '';
  const strip = next
    .map(
      ({ patches, stepStops, settingId }) =>
        `${patches} patches in ${stopsInWords(stepStops)} at ${set.noun} ${nameOf(settingId)}`,
    )
    .join(', and beside it ');
  const apart =
    separately && draft.method === 'cover-up'
      ? ' Expose them one by one: firings that add up each lose the lag, which is not known.'
      : '';
  if (reading.verdict === 'reach-further') {
    return `A pick at the end of the strip: the right one may lie beyond. Make ${strip}.${apart}`;
  }
  const soFar = `So far ${is}; ${wanted.name} asks for ${wantedWords(wanted)}.`;
  return lookAgain
    ? `${soFar} A fresh look at this strip, its picks out of sight, should do, and costs no paper. Otherwise: ${strip}.${apart}`
    : `${soFar} Next: ${strip}.${apart}`;
}

/** Known no better than this, a time is not worth a number, stops. */
const KNOWN_AT_ALL = 1.25;
export const timeKnown = ({ withinStops }: Pick<PrintReading, 'withinStops'>): boolean =>
  withinStops <= KNOWN_AT_ALL;

const wantedWords = ({ stops, range }: Certainty) => `${withinInWords(stops)} and ${range} R`;

/** What the session says besides: what was learned before it, and which look, or box, does not fit the others. */
export function sessionWords(
  set: ContrastSet,
  { reading, asks, learnedFrom, numbers }: Session,
  current: number,
  way?: WayOfLookingId,
): { learned?: string; otherBox?: string; contradiction?: string } {
  const { misread, anotherBox, boxAt, settingsStopsSd, settingsRangeSd, eyeStops } = reading;
  const prints = learnedFrom.length === 1 ? 'one print' : `${learnedFrom.length} prints`;
  const [first] = asks;
  const otherBox = anotherBox > Math.max(BOX_NOTICED, misread);
  const since = boxAt === null ? undefined : learnedFrom[boxAt];
  const left = since
    ? ` From ‘${since.title}’ on the paper is of another box: what prints before it taught of the last one is left aside.`
    : '';
  return {
    ...(learnedFrom.length > 0 && {
      learned: `Learned from ${prints} in this set-up: from one ${set.noun} to the next within ${withinInWords(NINETY_FIVE * settingsStopsSd)}, their ranges within ${withinText(NINETY_FIVE * settingsRangeSd, 0)} R. A pick ${way === 'card' ? 'beside the card ' : ''}errs by about ${stopsInWords(eyeStops)}.${left}`,
    }),
    ...(otherBox && { otherBox: boxWords(set) }),
    ...(misread > MISREAD && reading.made && !otherBox
      ? { contradiction: MISREAD_WORDS }
      : first && { contradiction: oddWords(first, numbers[first.strip]!, current) }),
  };
}

const boxWords = ({ noun }: ContrastSet) =>
  `From one ${noun} to the next this paper differs from that of earlier prints by more than a box’s own speed: a new box, or another lamp or ${noun}? What they taught counts for little meanwhile.`;

/** Readings that are this probably wrong are named. */
const MISREAD = 0.25;
const MISREAD_WORDS =
  'What was read does not fit what was picked: it was another place, or the light was changed since. Read both once more; meanwhile the picks count.';

function oddWords({ place, stops }: OddLook, number: number, current: number): string {
  const whose = number >= current ? 'This strip’s' : `Strip ${number}’s`;
  const asks = `${stopsInWords(stops)} ${stops > 0 ? 'more' : 'less'} light than all together say`;
  return `${whose} ${place} does not fit the others: it asks for ${asks}. Look again; it may be a slip, or something was changed. It counts for little meanwhile.`;
}

/** How wet strips and dry prints differ on this paper: under the lamp as on any paper, and by its own drying. */
export function dryWords(dry: LearnedDryDown): string {
  if (!dry.lamp) return dryingWords(dry);
  const { stops, prints } = dry.lamp;
  const many = prints === 1 ? 'a print' : `${prints} prints`;
  const lamp = `Under your lamp ${many} on other papers came out ${stopsInWords(stops)} ${wayOf(stops)}, dry, than drying explains.`;
  return dry.prints === 0 && Math.abs(dry.stops - stops) < UNSEEN_STOPS
    ? lamp
    : `${lamp} ${dryingWords(dry)}`;
}

function dryingWords({
  stops,
  withinStops,
  prints,
  seenStops,
  base,
  tested,
}: LearnedDryDown): string {
  const percent = Math.round(100 * Math.abs(2 ** -stops - 1));
  if (prints === 0 && tested) {
    return `By its test this paper dries ${stopsInWords(stops)} darker than it looks wet, within ${withinInWords(withinStops)}: ${percent} % less light.`;
  }
  if (prints === 0) {
    return `Paper on ${base} base as a rule dries ${stopsInWords(stops)} darker than it looks wet, within ${withinInWords(withinStops)}. Your verdict on a dry print makes it this paper’s own.`;
  }
  const said = prints === 1 ? 'One dry print' : `${prints} dry prints`;
  const looked = `${said} on this paper looked ${asTheyWere(seenStops)}`;
  if (Math.abs(stops) < UNSEEN_STOPS) return `${looked}: nothing is taken off.`;
  return `${looked}. With ${tested ? 'its test' : 'what papers do as a rule'} that is ${withinInWords(Math.abs(stops))} ${wayOf(stops)}, within ${withinInWords(withinStops)}: ${percent} % ${stops > 0 ? 'less' : 'more'} light.`;
}

const wayOf = (stops: number) => (stops > 0 ? 'darker' : 'lighter');

function asTheyWere(stops: number): string {
  if (Math.abs(stops) < UNSEEN_STOPS) return 'as the wet strips did';
  return `${stopsInWords(stops)} ${wayOf(stops)} than the wet strips`;
}

/** "Between 8.7 and 12.8 s.": where the right time lies 95 times in 100, to a tenth. */
export function bracketWords({ lowSeconds, highSeconds }: PrintReading): string {
  const tenth = (seconds: number) => Number(seconds.toFixed(1));
  return `Between ${tenth(lowSeconds)} and ${tenth(highSeconds)} s.`;
}
