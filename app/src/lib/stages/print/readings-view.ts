import {
  STOP_IN_LOG,
  readSpots,
  toneById,
  toneWord,
  dialFor,
  negativeLights,
  type ReadingsAnswer,
  type Spot,
} from '@katachron/core';
import { attempt } from '../../words/attempt.ts';
import { parseDecimal } from '../../words/decimal.ts';
import { enlargerSeconds } from '../../words/duration.ts';
import { stopsInWords } from '../../words/fraction.ts';
import { curvePlot, type CurvePlot } from './curve-plot.ts';
import type { ReadingsDraft } from '../../nouns/in-hand/draft.ts';
import type { PaperFacts } from '../../nouns/paper/facts.ts';

export type ReadingsForm = ReadingsDraft;
/** A place of the picture as it is being typed. */
export type SpotForm = ReadingsForm['highlight'];

export const emptyReadings = (settingId: string): ReadingsForm => ({
  scale: 'light',
  highlight: { name: 'highlight', reading: '', tone: 'VIII' },
  shadow: { name: 'shadow', reading: '', tone: 'II' },
  others: [],
  known: { reading: '', tone: 'VIII', seconds: '', settingId },
});

export interface ReadingsView {
  readonly answer?: ReadingsAnswer;
  readonly dial?: string;
  readonly sentences: readonly string[];
  /** What each place becomes, and what the hands do about it. */
  readonly spots: readonly {
    readonly name: string;
    readonly becomes: string;
    readonly does: string;
  }[];
  readonly plot?: CurvePlot;
  readonly troubles: readonly string[];
  /** The highlight reads more light than the shadow: as a rule they were read the other way round. */
  readonly swapped?: string;
}

/** What a lens and a negative let through, between the lightest and the darkest that a probe is used for, log10. */
const MOST_LOG = 6;

/** Highlight and shadow as they were read, where they can both be right; otherwise what is wrong with them. */
function doubtOf(highlight?: Spot, shadow?: Spot, known = false): string | undefined {
  if (highlight && shadow) {
    const apart = (shadow.logLight - highlight.logLight) / STOP_IN_LOG;
    if (Math.abs(apart) < UNSEEN)
      return 'Highlight and shadow read the same: no contrast spans that. Read them once more.';
    return undefined;
  }
  if (!highlight && !shadow) return undefined;
  const missing = highlight ? 'shadow' : 'highlight';
  return `One reading says nothing of the contrast: read the ${missing} too${known ? '' : ', or make a strip'}.`;
}

/** Less than this nobody burns or dodges, stops. */
const UNSEEN = 1 / 12;

/** Reads the form, as far as it is filled in. */
export function readingsView(
  form: ReadingsForm,
  { paper, set }: PaperFacts,
  timerStep: number,
): ReadingsView {
  const troubles: string[] = [];
  const number = (text: string, what: string): number | undefined => {
    if (text.trim() === '') return undefined;
    const example = form.scale === 'light' ? '−1.42' : '1.12';
    const read = attempt(() => parseDecimal(text, '', `Type ${what} as ${example}.`));
    if (read.trouble !== undefined) troubles.push(read.trouble);
    return read.value;
  };
  const { factor } =
    negativeLights.find(({ id }) => id === form.negativeLight) ?? negativeLights[0];
  // Directed light makes the densities of silver count for more.
  const lightOf = (reading: number) => (form.scale === 'light' ? reading : -reading * factor);
  const spot = ({ name, reading, tone }: SpotForm): Spot | undefined => {
    const value = number(reading, `the reading of the ${name.trim() || 'place'}`);
    if (value !== undefined && Math.abs(value) > MOST_LOG) {
      troubles.push(
        `${name.trim() || 'The place'} reads ${value}: a ${form.scale === 'light' ? 'log of light' : 'density'} lies within ${MOST_LOG}.`,
      );
      return undefined;
    }
    return value === undefined
      ? undefined
      : { logLight: lightOf(value), netDensity: toneById(tone).netDensity };
  };
  const highlight = spot(form.highlight);
  const shadow = spot(form.shadow);
  const others = form.others.flatMap((other) => {
    const read = spot(other);
    return read ? [{ name: other.name.trim() || 'place', spot: read }] : [];
  });
  const known = {
    reading: number(form.known.reading, 'the known print’s reading'),
    seconds: number(form.known.seconds, 'the known print’s seconds'),
  };
  const doubt = doubtOf(highlight, shadow, known.seconds !== undefined);
  if (doubt && troubles.length === 0) troubles.push(doubt);
  if (!highlight || !shadow || doubt) return { sentences: [], spots: [], troubles };
  if (shadow.logLight < highlight.logLight) {
    const light = form.scale === 'light';
    return {
      sentences: [],
      spots: [],
      troubles,
      swapped: `The highlight reads ${light ? 'more light' : 'thinner'} than the shadow: on a negative the highlight is the dense place. Were the two read the other way round?`,
    };
  }
  const asked = attempt(() =>
    readSpots(paper, set, {
      highlight,
      shadow,
      others: others.map((other) => other.spot),
      ...(known.reading !== undefined &&
        known.seconds !== undefined &&
        known.seconds > 0 && {
          known: {
            logLight: lightOf(known.reading),
            netDensity: toneById(form.known.tone).netDensity,
            seconds: known.seconds,
            settingId: form.known.settingId,
          },
        }),
    }),
  );
  if (!asked.value) return { sentences: [], spots: [], troubles: [...troubles, asked.trouble] };
  const answer = asked.value;
  const names = ['highlight', 'shadow', ...others.map(({ name }) => name)];
  const apart = (shadow.logLight - highlight.logLight) / STOP_IN_LOG;
  const place = dialFor(set, answer.range);
  return {
    answer,
    ...(answer.seconds !== undefined && { dial: enlargerSeconds(answer.seconds, timerStep) }),
    sentences: [
      `The shadow gets ${stopsInWords(apart)} more light than the highlight: that spans R ${answer.range.toFixed(1)}, so ${set.noun} ${answer.setting.name}${place ? `, or ${place.name} exactly` : ''}.`,
      ...(answer.beyond
        ? [
            `No ${set.noun} is ${answer.beyond === 'too-hard' ? 'hard' : 'soft'} enough: place the tones closer, or let the hands do the rest.`,
          ]
        : []),
      ...(answer.seconds === undefined
        ? ['For the time, give one print that was right in this set-up.']
        : []),
    ],
    spots: answer.spots.map(({ netDensity, missStops }, index) => ({
      name: names[index]!,
      becomes: `${toneWord(netDensity)}, density ${(netDensity + paper.dMin).toFixed(2)}`,
      does:
        Math.abs(missStops) < UNSEEN
          ? 'as wanted'
          : `${missStops > 0 ? 'burn' : 'dodge'} ${stopsInWords(missStops)}`,
    })),
    plot: curvePlot({
      paper,
      range: answer.setting.range,
      tones: { light: highlight.netDensity, dark: shadow.netDensity },
      shadowLeftStops: answer.spots[1]!.missStops,
    }),
    troubles,
  };
}
