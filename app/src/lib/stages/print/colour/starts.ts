import { packByReadings, toAnotherBox, type ColourHead } from '@katachron/core';
import type { ColourPrint, ColourPrintBody } from '../../../nouns/colour-print/contract.ts';
import { packWords } from '../../../nouns/colour-print/words.ts';
import { sameName } from '../../../nouns/paper/facts.ts';
import { attempt } from '../../../words/attempt.ts';
import { judged, USUAL_START } from './colour-view.ts';

type Start = NonNullable<ColourPrintBody['start']>;

/** A way to begin, with what it comes to. */
export interface ColourStart {
  readonly label: string;
  readonly start: Start;
}

const NO_CORRECTION = { c: 0, m: 0, y: 0, stops: 0 };
const boxOf = ({ correction = NO_CORRECTION }: Pick<ColourPrintBody, 'correction'>) => {
  const { stops, ...pack } = correction;
  return { pack, stops };
};

/** A pack and a time as they are kept. */
const rounded = ({ pack, seconds }: Pick<Start, 'pack' | 'seconds'>) => ({
  pack: {
    c: Number(pack.c.toFixed(1)),
    m: Number(pack.m.toFixed(1)),
    y: Number(pack.y.toFixed(1)),
  },
  seconds: Number(seconds.toFixed(3)),
});

/** The newest prints on a paper that were judged, with what each asked for in the end. */
function known(others: readonly ColourPrint[], head: ColourHead) {
  return others
    .flatMap((print) => {
      const test = print.tests.at(-1);
      const last = test && attempt(() => judged(test, head)).value;
      return test && last ? [{ print, last, atMs: test.atMs }] : [];
    })
    .toSorted((a, b) => b.atMs - a.atMs);
}

/** Every way in which a print can begin. */
export function colourStarts(
  body: ColourPrintBody,
  others: readonly ColourPrint[],
  head: ColourHead,
): ColourStart[] {
  const before = known(others, head);
  const [same] = before.filter(({ print }) => sameName(print.paper, body.paper));
  const [read] = before.filter(({ print }) => print.light !== undefined);
  const fromLast = same && {
    from: same.print.name,
    ...attempt(() => toAnotherBox(same.last, boxOf(same.print), boxOf(body), head)),
  };
  const fromLight = body.light &&
    read && {
      from: read.print.name,
      ...attempt(() =>
        packByReadings({ ...read.last, light: read.print.light! }, body.light!, head),
      ),
    };
  const fromBox =
    body.correction && attempt(() => toAnotherBox(USUAL_START, boxOf({}), boxOf(body), head));
  return [
    ...(fromLast?.value
      ? [
          {
            label: `As ${fromLast.from}`,
            start: {
              ...rounded(fromLast.value),
              why: `As ${fromLast.from} on this paper, with what the two boxes say of themselves.`,
            },
          },
        ]
      : []),
    ...(fromLight?.value
      ? [
          {
            label: `By readings against ${fromLight.from}`,
            start: {
              ...rounded(fromLight.value),
              why: `Each layer gets the light that it got from ${fromLight.from}, by the readings of three channels.`,
            },
          },
        ]
      : []),
    ...(fromBox?.value
      ? [
          {
            label: 'By the box alone',
            start: {
              ...rounded(fromBox.value),
              why: 'The usual start, with what the box says of itself.',
            },
          },
        ]
      : []),
  ];
}

/** "As Gathering glass: C 0 M 44 Y 58, 11.5 s". */
export const startWords = ({ label, start }: ColourStart): string =>
  `${label}: ${packWords(start.pack)}, ${start.seconds.toFixed(1)} s`;

/** What a print asks for on another box. */
export function onAnotherBox(
  body: ColourPrintBody,
  box: string,
  correction: NonNullable<ColourPrintBody['correction']>,
  now: { readonly pack: Start['pack']; readonly seconds: number },
  head: ColourHead,
): ColourPrintBody {
  const carried = toAnotherBox(now, boxOf(body), boxOf({ correction }), head);
  const from = body.box.trim() || 'the last box';
  return {
    ...body,
    ...{ box, correction },
    start: {
      ...rounded(carried),
      why: `Carried from ${from} to ${box.trim() || 'this box'} by what the boxes say of themselves.`,
    },
  };
}
