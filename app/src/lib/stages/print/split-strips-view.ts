import {
  nearestSetting,
  pairFromStrips,
  planStrip,
  readPick,
  settingOf,
  stripKinds,
  toneById,
  type ContrastSet,
} from '@katachron/core';
import type { PairDraft, PrintDraft } from '../../nouns/in-hand/draft.ts';
import { attempt } from '../../words/attempt.ts';
import { parseDecimal } from '../../words/decimal.ts';
import { enlargerSeconds } from '../../words/duration.ts';
import { stepWanted } from '../../words/strip-step.ts';
import type { FiringLine } from './firing-lines.ts';
import type { Place } from './print-in-hand.svelte.ts';
import type { PickedAt, PrintView } from './print-view.ts';
import { rulerFor, type Ruler } from './ruler.ts';

export const emptySplit = (set: ContrastSet): PairDraft => ({
  order: 'soft-first',
  softId: set.settings[0]!.id,
  hardId: set.settings.at(-1)!.id,
  strips: [
    { first: '4', step: '⅓', patches: '7', picked: null },
    { first: '2', step: '½', patches: '7', picked: null },
  ],
});

interface StripLine {
  readonly heading: string;
  readonly kind: (typeof stripKinds)[number];
  /** The place that it is about, and where that was picked. */
  readonly place: Place;
  readonly pick?: PickedAt;
  readonly ruler?: Ruler;
  readonly hands: string;
  readonly question: string;
  readonly firings: string;
  /** The same one by one, the exposure that lies under it first. */
  readonly lines: readonly FiringLine[];
  /** What has to be done before this one. */
  readonly waits?: string;
  readonly trouble?: string;
}

const pairKind = ({ kind = 'stops' }: PairDraft['strips'][number]) =>
  stripKinds.find(({ id }) => id === kind)!;

export interface PairView {
  readonly strips: readonly StripLine[];
  readonly pair?: {
    readonly soft: string;
    readonly hard: string;
    readonly sentences: readonly string[];
  };
  readonly trouble?: string;
}

/** Two strips, one over the other, and the pair they lead to. */
export function pairView(form: PairDraft, bench: PrintView, draft: PrintDraft): PairView {
  const { set, on, timerStep, lagSeconds } = bench;
  const lamp = { lagSeconds, timerStepSeconds: timerStep };
  const soft = attempt(() => settingOf(set, form.softId)).value ?? set.settings[0]!;
  const hard = attempt(() => settingOf(set, form.hardId)).value ?? set.settings.at(-1)!;
  const softFirst = form.order === 'soft-first';
  const [one, other] = softFirst ? [soft, hard] : [hard, soft];
  const shown = (seconds: number) => enlargerSeconds(seconds, timerStep);
  const kinds = form.strips.map((strip) => pairKind(strip));
  const planned = form.strips.map(({ first, step, patches }, index) =>
    attempt(() =>
      planStrip(
        {
          kind: kinds[index]!.id,
          method: 'cover-up',
          firstSeconds: parseDecimal(
            first,
            '',
            'Type the first exposure in seconds, for example 4.',
          ),
          step:
            kinds[index]!.step === 'fixed'
              ? kinds[index]!.usualStep
              : parseDecimal(step, '', stepWanted[kinds[index]!.step]),
          patches: parseDecimal(patches, '', 'Type how many patches, for example 7.'),
        },
        lamp,
      ),
    ),
  );
  const secondsOf = (index: 0 | 1) =>
    planned[index]!.value?.patches.map(({ givenSeconds }) => givenSeconds) ?? [];
  const pickedAt = (index: 0 | 1): PickedAt | undefined => {
    const { picked: position } = form.strips[index];
    if (position === null) return undefined;
    const read = attempt(() => readPick(secondsOf(index), position)).value;
    return read && { position, seconds: read.seconds };
  };
  const base = pickedAt(0)?.seconds;
  const over = pickedAt(1)?.seconds;
  const firings = (index: 0 | 1) =>
    `Dial ${planned[index]!.value?.firings.map(({ dialSeconds }) => shown(dialSeconds)).join(', ') ?? ''} s, card over one patch more each time.`;
  const filterOf = ({ name }: { name: string }) => `${set.noun} ${name}`;
  const lines = (index: 0 | 1): FiringLine[] => {
    const under: FiringLine[] =
      index === 1 && base !== undefined
        ? [
            {
              hands: 'Whole strip',
              dialSeconds: Number(shown(base + lagSeconds)),
              dial: shown(base + lagSeconds),
              filter: filterOf(one),
            },
          ]
        : [];
    const stepped = planned[index]!.value?.firings ?? [];
    return [
      ...under,
      ...stepped.map(({ hands, dialSeconds }) => ({
        hands,
        dialSeconds,
        dial: shown(dialSeconds),
        filter: filterOf(index === 0 ? one : other),
      })),
    ];
  };
  const questions = {
    highlight: 'Where is the highlight just right?',
    shadow: 'Where are the blacks just right?',
  };
  const line = (index: 0 | 1): StripLine => ({
    kind: kinds[index]!,
    place: (index === 0) === softFirst ? 'highlight' : 'shadow',
    ...(pickedAt(index) && { pick: pickedAt(index)! }),
    ...(secondsOf(index).length > 1 && { ruler: rulerFor(secondsOf(index)) }),
    heading: `Strip ${index + 1}: ${set.noun} ${(index === 0 ? one : other).name}`,
    hands:
      index === 0
        ? `With ${set.noun} ${one.name} alone.`
        : `Give the whole strip ${base === undefined ? 'the first exposure' : `${shown(base + lagSeconds)} s`} at ${set.noun} ${one.name}, then change to ${other.name} and step over it.`,
    question: (index === 0) === softFirst ? questions.highlight : questions.shadow,
    firings: firings(index),
    lines: lines(index),
    ...(index === 1 && base === undefined && { waits: 'First read the strip above.' }),
    ...(planned[index]!.trouble !== undefined && { trouble: planned[index]!.trouble }),
  });
  const strips = [line(0), line(1)];
  if (soft.range <= hard.range) {
    return { strips, trouble: `${set.noun} ${soft.name} is not softer than ${hard.name}.` };
  }
  if (base === undefined || over === undefined) return { strips };
  const found = attempt(() =>
    pairFromStrips(
      on.paper,
      form.order,
      { ...soft, seconds: softFirst ? base : over },
      { ...hard, seconds: softFirst ? over : base },
      {
        highlight: toneById(draft.highlightTone).netDensity,
        shadow: toneById(draft.shadowTone).netDensity,
      },
    ),
  );
  if (!found.value) return { strips, trouble: found.trouble };
  const {
    soft: softPart,
    hard: hardPart,
    shortenedSeconds,
    lengthenedSeconds,
    single,
  } = found.value;
  const nearest = nearestSetting(set, single.range);
  const singleSeconds = single.seconds * 2 ** -nearest.speedStops;
  const [firstName, overName] = softFirst ? ['soft', 'hard'] : ['hard', 'soft'];
  return {
    strips,
    pair: {
      soft: shown(softPart.seconds + lagSeconds),
      hard: shown(hardPart.seconds + lagSeconds),
      sentences: [
        shortenedSeconds >= timerStep / 2
          ? `The ${overName} one darkens what the ${firstName} one had right, so the ${firstName} one is ${shown(shortenedSeconds)} s shorter${lengthenedSeconds >= timerStep / 2 ? `, and the ${overName} one ${shown(lengthenedSeconds)} s longer to keep its own tone` : ''}.`
          : `The ${overName} one adds nothing that shows to what the ${firstName} one had right.`,
        `Together they are R ${single.range.toFixed(0)}: about ${shown(singleSeconds)} s at ${set.noun} ${nearest.name} alone.`,
        `Burn highlights with ${soft.name}, shadows with ${hard.name}.`,
      ],
    },
  };
}
