import { packByReadings, toAnotherBox, type ColourHead } from '@katachron/core';
import type { ColourPrint, ColourPrintBody } from '../../../nouns/colour-print/contract.ts';
import { startKind } from '../../../nouns/colour-print/start-kinds.ts';
import { packWords } from '../../../nouns/colour-print/words.ts';
import { sameThing, type Named } from '../../../words/called.ts';
import { attempt } from '../../../words/attempt.ts';
import { judged, USUAL_START } from './colour-view.ts';

type Start = NonNullable<ColourPrintBody['start']>;

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
  papers: readonly Named[] = [],
): Start[] {
  const before = known(others, head);
  const same = before.find(({ print }) => sameThing(papers, print.paper, body.paper));
  const read = before.find(({ print }) => print.light !== undefined);
  const { light, correction } = body;
  const way = (by: Start['by'], from: string, work: () => Pick<Start, 'pack' | 'seconds'>) => {
    const { value } = attempt(work);
    return value ? [{ ...rounded(value), by, from }] : [];
  };
  return [
    ...(same
      ? way('last-print', same.print.name, () =>
          toAnotherBox(same.last, boxOf(same.print), boxOf(body), head),
        )
      : []),
    ...(light && read
      ? way('readings', read.print.name, () =>
          packByReadings({ ...read.last, light: read.print.light! }, light, head),
        )
      : []),
    ...(correction
      ? way('box', '', () => toAnotherBox(USUAL_START, boxOf({}), boxOf(body), head))
      : []),
  ];
}

/** "As Gathering glass: C 0 M 44 Y 58, 11.5 s". */
export const startWords = ({ by, from, pack, seconds }: Start): string =>
  `${startKind(by).name(from)}: ${packWords(pack)}, ${seconds.toFixed(1)} s`;

/** What a print asks for on another box. */
export function onAnotherBox(
  body: ColourPrintBody,
  box: string,
  correction: NonNullable<ColourPrintBody['correction']>,
  now: { readonly pack: Start['pack']; readonly seconds: number },
  head: ColourHead,
): Pick<ColourPrintBody, 'box' | 'correction' | 'start'> {
  const carried = toAnotherBox(now, boxOf(body), boxOf({ correction }), head);
  return {
    ...{ box, correction },
    start: { ...rounded(carried), by: 'another-box', from: body.box.trim() },
  };
}
