import { contrastSet, readPick, toneById, toneWord, type WayOfLookingId } from '@katachron/core';
import { newDraft } from '../../nouns/in-hand/begin.ts';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import type { Print, PrintBody } from '../../nouns/print/contract.ts';
import { attempt } from '../../words/attempt.ts';
import { capital } from '../../words/capital.ts';
import { stopsInWords, withinInWords } from '../../words/fraction.ts';
import {
  earlierLooks,
  withLook,
  withoutLastLook,
  type EarlierLook,
  type Picks,
} from './look-again.ts';
import { printView } from './print-view.ts';
import { UNSEEN_STOPS } from './dried.ts';
import { nextLookErrs } from './session.ts';
import type { Bench } from './setup-now.ts';

type Strip = Print['strips'][number];
const places = ['highlight', 'shadow'] as const;

/** A strip of a finished print that can be looked at once more. */
export interface PracticeStrip extends EarlierLook {
  readonly id: string;
  readonly print: Print;
  /** What its places are meant to be, in words. */
  readonly aims: string;
}

function aimsOf(strip: Strip): string {
  const aims = places.flatMap((place) => {
    const pick = strip[place];
    if (!pick) return [];
    const { name, netDensity } = toneById(pick.tone);
    return [`the ${place} is right where it is ${toneWord(netDensity)} (${name})`];
  });
  return aims.join(', ');
}

/** Strips to practise on: those looked at least come first, and of those the oldest, of which least is remembered. */
export function practiceStrips(prints: readonly Print[]): PracticeStrip[] {
  const strips = prints.flatMap((print) => {
    const { contrastSetId, lamp } = print.setup;
    const earlier = print.strips.map(({ lamp: own = lamp, ...strip }) => ({ ...strip, lamp: own }));
    return earlierLooks({ earlier, contrastSetId }, { set: contrastSet(contrastSetId) }).map(
      (look): PracticeStrip => ({
        ...look,
        ...{ id: `${print.id} ${look.index}`, print },
        aims: aimsOf(print.strips[look.index]!),
      }),
    );
  });
  return strips.sort(
    (a, b) => a.looks - b.looks || a.print.madeAtMs - b.print.madeAtMs || a.index - b.index,
  );
}

const withStrip = (print: Print, index: number, change: (strip: Strip) => Strip): PrintBody => {
  const { id: _id, version: _version, ...body } = print;
  return { ...body, strips: body.strips.map((one, at) => (at === index ? change(one) : one)) };
};

/** "once", "twice", "3 times": how often a strip was looked at. */
export const timesWords = (looks: number): string =>
  ['once', 'twice'][looks - 1] ?? `${looks} times`;

/** The record of a print with another look at one of its strips. */
export const practised = (
  { print, index }: Pick<PracticeStrip, 'print' | 'index'>,
  picks: Picks,
  lookedAt?: WayOfLookingId,
): PrintBody =>
  withStrip(print, index, (strip) => {
    const usual = newDraft();
    const aims = {
      highlightTone: strip.highlight?.tone ?? usual.highlightTone,
      shadowTone: strip.shadow?.tone ?? usual.shadowTone,
      ...(lookedAt && { lookedAt }),
    };
    return { ...strip, again: withLook(strip.again, picks, aims) };
  });

/** The record without the last look at one of its strips. */
export const unpractised = (print: Print, index: number): PrintBody =>
  withStrip(print, index, withoutLastLook);

/** How much more light (positive) a place got at a pick than at the first one, stops. */
function apart(strip: Strip, place: (typeof places)[number], position: number | null | undefined) {
  const first = strip[place];
  if (!first || position === null || position === undefined) return undefined;
  const secondsAt = (at: number) => readPick(strip.patchSeconds, at).seconds;
  return attempt(() => Math.log2(secondsAt(position) / secondsAt(first.position))).value;
}

/** "The highlight with ¼ stop more light than at first, the shadow as at first.": what a fresh look says beside the first. */
export function apartWords({ print, index }: PracticeStrip, picks: Picks): string {
  const said = places.flatMap((place) => {
    const stops = apart(print.strips[index]!, place, picks[place]);
    if (stops === undefined) return [];
    if (Math.abs(stops) < UNSEEN_STOPS) return [`the ${place} as at first`];
    return [
      `the ${place} with ${stopsInWords(Math.abs(stops))} ${stops > 0 ? 'more' : 'less'} light than at first`,
    ];
  });
  const sentence = said.join(', ');
  return sentence === '' ? '' : `${capital(sentence)}.`;
}

/** How far looks made twice lie apart, in a sentence; nothing before there are any. */
export function twiceWords(prints: readonly Print[]): string | undefined {
  const all = prints
    .flatMap(({ strips }) => strips)
    .flatMap((strip) =>
      (strip.again ?? []).flatMap((look) =>
        places.flatMap((place) => apart(strip, place, look[place]?.position) ?? []),
      ),
    )
    .map(Math.abs)
    .sort((a, b) => a - b);
  if (all.length === 0) return undefined;
  const half = all[Math.floor((all.length - 1) / 2)]!;
  const where =
    half < UNSEEN_STOPS
      ? 'on the patch of the first'
      : `within ${withinInWords(half)} of the first`;
  return all.length === 1
    ? `One pick was made twice, ${where}.`
    : `${all.length} picks were made twice, half of them ${where}.`;
}

/** "By all your strips a pick on Marrow fibre by eye errs by about 1/12 stop.": what strips on any paper have told of the eye. */
export function eyeWords(
  { setup }: Print,
  prints: readonly Print[],
  bench: Bench,
  lookedAt?: WayOfLookingId,
): string | undefined {
  const { enlarger, paper, contrastSetId, lamp } = setup;
  if (paper.trim() === '') return undefined;
  const draft: PrintDraft = {
    ...newDraft(),
    ...{ enlarger, paper, contrastSetId },
    ...{ lag: String(lamp.lagSeconds), timerStep: String(lamp.timerStepSeconds) },
    ...(lookedAt && { lookedAt }),
  };
  const of = { ...bench, evidence: prints };
  const { on, now } = printView(draft, of);
  const errs = nextLookErrs(draft, [], on, now, of, lamp);
  if (errs === undefined) return undefined;
  const by = lookedAt === 'card' ? 'beside the card' : 'by eye';
  return `By all your strips a pick on ${paper} ${by} errs by about ${stopsInWords(errs)}.`;
}
