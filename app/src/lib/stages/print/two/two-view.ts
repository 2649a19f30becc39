import {
  featheredEdge,
  layersFor,
  makesMud,
  timeAtMagnification,
  timeByLengths,
  toneById,
  toneWord,
  twoNegativeGrid,
  type Paper,
} from '@katachron/core';
import type { Enlarger } from '../../../nouns/enlarger/contract.ts';
import type { PaperThing } from '../../../nouns/paper/contract.ts';
import { paperFacts } from '../../../nouns/paper/facts.ts';
import { called } from '../../../words/called.ts';
import type {
  PlacedOfTwo,
  SideOfTwo,
  TwoNegativesBody,
} from '../../../nouns/two-negatives/contract.ts';
import { attempt } from '../../../words/attempt.ts';
import { countOf } from '../../../words/count.ts';
import { enlargerSeconds } from '../../../words/duration.ts';
import { signedStops } from '../../../words/fraction.ts';

const LEAST_LIGHT = 0.01;

/** What stands on the shelves for it. */
export interface TwoShelves {
  readonly enlargers: readonly Enlarger[];
  readonly papers: readonly PaperThing[];
}

/** A cell of the grid, as it is shown. */
export interface CellShown {
  readonly a: number;
  readonly b: number;
  readonly density: string;
  readonly word: string;
}

export function lampOf({ enlarger }: TwoNegativesBody, { enlargers }: TwoShelves) {
  const { lagSeconds, timerStepSeconds } = called(enlargers, enlarger)?.lamp ?? {
    lagSeconds: 0,
    timerStepSeconds: 0.1,
  };
  return { lagSeconds, timerStepSeconds };
}

/** A dialled time moved by stops of light: the lag gives none. */
const moved = (dialled: number, stops: number, lag: number) =>
  Math.max(LEAST_LIGHT, dialled - lag) * 2 ** stops + lag;

/** The times of the next grid, as dialled. */
export function gridTimes(body: TwoNegativesBody, shelves: TwoShelves) {
  const { a, b, aStep, bStep } = body;
  if (a.seconds === undefined || b.seconds === undefined) return undefined;
  const { lagSeconds: lag, timerStepSeconds: step } = lampOf(body, shelves);
  const onTimer = (seconds: number) => Math.max(step, Math.round(seconds / step) * step);
  return {
    aSeconds: [0, aStep].map((stops) => onTimer(moved(a.seconds!, stops, lag))),
    bSeconds: [-bStep, 0, bStep].map((stops) => onTimer(moved(b.seconds!, stops, lag))),
  };
}

/** What each cell of a grid is expected to have. */
function cellsOf(
  { a, b }: TwoNegativesBody,
  times: { readonly aSeconds: readonly number[]; readonly bSeconds: readonly number[] },
  paper: Paper,
  lag: number,
): CellShown[][] {
  const light = (seconds: number) => Math.max(LEAST_LIGHT, seconds - lag);
  const side = (one: SideOfTwo, dialled: readonly number[]) => ({
    range: one.range,
    netDensity: toneById(one.tone).netDensity,
    seconds: light(one.seconds!),
    times: dialled.map(light),
  });
  return twoNegativeGrid(paper, side(a, times.aSeconds), side(b, times.bSeconds)).map((row, at) =>
    row.map(({ netDensity }, across) => ({
      ...{ a: at, b: across },
      density: netDensity.toFixed(2),
      word: toneWord(netDensity),
    })),
  );
}

/** The times that are right: those of the cell that was picked last, otherwise each negative's own. */
export function rightTimes(body: TwoNegativesBody) {
  const { picked, aSeconds, bSeconds } = body.tests.at(-1) ?? {};
  return picked
    ? { a: aSeconds![picked.a]!, b: bSeconds![picked.b]!, tested: true }
    : { a: body.a.seconds, b: body.b.seconds, tested: false };
}

/** All that the page shows. */
export function twoView(body: TwoNegativesBody, shelves: TwoShelves) {
  const { lagSeconds: lag, timerStepSeconds: step } = lampOf(body, shelves);
  const shown = (seconds: number) => enlargerSeconds(seconds, step);
  const known = paperFacts(body.paper, 'filters', shelves.papers).paper;
  // Softer or harder than its layers go, it has layers that do: nothing is cut off.
  const paper = attempt(() => layersFor(known, [body.a.range, body.b.range])).value ?? known;
  const open = body.tests.at(-1);
  const times = open && !open.picked ? open : gridTimes(body, shelves);
  const cells = times && attempt(() => cellsOf(body, times, paper, lag));
  const right = rightTimes(body);
  const [toneA, toneB] = [body.a, body.b].map(({ tone }) => toneById(tone).netDensity);
  const edge = body.edge && attempt(() => edgePlaces(body, paper));
  return {
    open: open && !open.picked ? open : undefined,
    times,
    headA: times?.aSeconds.map(shown) ?? [],
    headB: times?.bSeconds.map(shown) ?? [],
    cells: cells?.value ?? [],
    trouble: cells?.trouble ?? edge?.trouble,
    ...(makesMud(toneA!, toneB!) && {
      mud: 'Both are mid-greys here: together they make mud. Where one speaks, the other is best clean: hold it back there, or turn or shift it.',
    }),
    edge: edge?.value ?? [],
    answer:
      right.a === undefined || right.b === undefined
        ? undefined
        : { a: shown(right.a), b: shown(right.b), tested: right.tested },
    steps:
      right.a === undefined || right.b === undefined
        ? []
        : steps(body, shown(right.a), shown(right.b)),
  };
}
export type TwoView = ReturnType<typeof twoView>;

const PLACES = 5;

/** Light and tone along a feathered edge. */
function edgePlaces({ edge, b }: TwoNegativesBody, paper: Paper) {
  const { widthMm, fillStops } = edge!;
  const tone = { range: b.range, netDensity: toneById(b.tone).netDensity };
  return Array.from({ length: PLACES }, (_, at) => {
    const atMm = (widthMm * at) / (PLACES - 1);
    const place = featheredEdge(paper, tone, widthMm, atMm, fillStops);
    return {
      at: `${Math.round(atMm)} mm`,
      stops: signedStops(place.stops),
      density: place.netDensity.toFixed(2),
      word: toneWord(place.netDensity),
    };
  });
}

const named = ({ negative, setting }: SideOfTwo, letter: string) =>
  [negative || `negative ${letter}`, setting].filter(Boolean).join(', ');

const areaWords = ({ areas = [] }: SideOfTwo) =>
  areas.map(({ name, stops }) => `, ${name} ${signedStops(stops)}`).join('');

/** What is done, in its order: each negative is changed once. */
function steps({ a, b, copies, spare, edge }: TwoNegativesBody, aTime: string, bTime: string) {
  const sheets = copies + spare;
  return [
    `Trace the outline of A on a scrap on the easel. Mark the top on the back of ${countOf(sheets, 'sheet')}: ${copies} wanted, ${spare} may fail.`,
    `A: ${named(a, 'A')}, ${aTime} s on each sheet${areaWords(a)}${edge ? `, its edge feathered over ${edge.widthMm} mm with a moving card` : ''}. Each goes back undeveloped into the light-tight box, top to top, face down.`,
    'Change the negative once; lay B by the outline, the lens at the same aperture, and focus on the scrap.',
    `B: ${named(b, 'B')}, ${bTime} s on each sheet, top to the mark${areaWords(b)}${edge ? `; at the feathered edge ${signedStops(edge.fillStops)} stop of it` : ''}.`,
    'Develop soon: exposed sheets keep the evening in the dark, and not much longer.',
  ];
}

/** The steps of a grid, in its order. */
export function gridSteps(view: Pick<TwoView, 'headA' | 'headB'>): string[] {
  const [first, second] = view.headA;
  return [
    `Two strips of paper, 1 and 2, their tops marked on the back. Negative A: ${first} s on strip 1, ${second} s on strip 2.`,
    'Both into the light-tight box, undeveloped. Change the negative once.',
    `Negative B across them, at right angles, a third of their length open at a time: ${view.headB.join(', ')} s.`,
    'Develop both together, and pick a cell dry.',
  ];
}

const times = (mm: number, factor: number) => Number((mm * factor).toFixed(1));

/** A picture on a sheet that is so many times as large. */
const larger = (placed: PlacedOfTwo, factor: number): PlacedOfTwo => ({
  ...placed,
  xMm: times(placed.xMm, factor),
  yMm: times(placed.yMm, factor),
  widthMm: times(placed.widthMm, factor),
});

/** The print carried to another size: another print, with both times converted, each by its own scale. */
export function atAnotherSize(
  body: TwoNegativesBody,
  factor: number,
  shelves: TwoShelves,
): TwoNegativesBody {
  const { lagSeconds: lag } = lampOf(body, shelves);
  const right = rightTimes(body);
  const carried = (side: SideOfTwo, dialled: number | undefined): SideOfTwo => {
    const laid = side.placed && { placed: larger(side.placed, factor) };
    if (dialled === undefined) return { ...side, ...laid };
    const { negativeMm, printMm } = side;
    const light = Math.max(LEAST_LIGHT, dialled - lag);
    const scale = negativeMm && printMm ? printMm / negativeMm : undefined;
    const seconds = scale
      ? timeAtMagnification(light, scale, scale * factor)
      : timeByLengths(light, 1, factor);
    return {
      ...side,
      seconds: Number((seconds + lag).toFixed(2)),
      ...(printMm && { printMm: Number((printMm * factor).toFixed(2)) }),
      ...laid,
    };
  };
  // What was exposed stays with the print that it is.
  const { sheets: _exposed, ...plan } = body;
  return {
    ...plan,
    name: `${body.name}, ×${Number(factor.toFixed(2))}`.slice(0, 120),
    a: carried(body.a, right.a),
    b: carried(body.b, right.b),
    tests: [],
    ...(body.easel && {
      easel: {
        widthMm: times(body.easel.widthMm, factor),
        heightMm: times(body.easel.heightMm, factor),
      },
    }),
    ...(body.edge && {
      edge: { ...body.edge, widthMm: Number((body.edge.widthMm * factor).toFixed(1)) },
    }),
  };
}
