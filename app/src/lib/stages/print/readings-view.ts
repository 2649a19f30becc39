import {
  STOP_IN_LOG,
  dialFor,
  readSpots,
  toneWord,
  type PrintReading,
  type ReadingsAnswer,
} from '@katachron/core';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import type { PaperFacts } from '../../nouns/paper/facts.ts';
import { attempt } from '../../words/attempt.ts';
import { stopsInWords } from '../../words/fraction.ts';
import { curvePlot, type CurvePlot } from './curve-plot.ts';
import { UNSEEN, readPlaces, spotOf, type ReadingsForm } from './read-places.ts';

export interface ReadingsView {
  readonly answer?: ReadingsAnswer;
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

/** Reads the form, as far as it is filled in, for a print at the setting that all that is known asks for. */
export function readingsView(
  form: ReadingsForm,
  tones: Pick<PrintDraft, 'highlightTone' | 'shadowTone'>,
  { paper, set }: PaperFacts,
  together?: Pick<PrintReading, 'setting'>,
): ReadingsView {
  const { read, troubles, swapped } = readPlaces(form, tones);
  if (!read) return { sentences: [], spots: [], troubles, ...(swapped && { swapped }) };
  const [highlight, shadow] = [spotOf(read, read.highlight), spotOf(read, read.shadow)];
  const asked = attempt(() =>
    readSpots(paper, set, {
      ...{ highlight, shadow },
      others: read.others.map((other) => spotOf(read, other)),
      ...(together && { settingId: together.setting.id }),
    }),
  );
  if (!asked.value) return { sentences: [], spots: [], troubles: [...troubles, asked.trouble] };
  const answer = asked.value;
  const names = ['highlight', 'shadow', ...read.others.map(({ name }) => name)];
  const place = dialFor(set, answer.range);
  return {
    answer,
    sentences: [
      `${spanWords((shadow.logLight - highlight.logLight) / STOP_IN_LOG)}: that spans R ${answer.range.toFixed(1)}, so ${set.noun} ${answer.setting.name}${place ? `, or ${place.name} exactly` : ''}.`,
      ...(answer.beyond
        ? [
            `No ${set.noun} is ${answer.beyond === 'too-hard' ? 'hard' : 'soft'} enough: place the tones closer, or let the hands do the rest.`,
          ]
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

/** How far the two places lie apart. */
export const spanWords = (apart: number): string =>
  `The shadow gets ${stopsInWords(apart)} more light than the highlight`;
