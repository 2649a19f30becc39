import { planSequence, type Lamp, type SequenceFiring } from '@katachron/core';
import type { TwoThing } from '../../../nouns/in-hand/limits.ts';
import { paperFacts } from '../../../nouns/paper/facts.ts';
import type { SideOfTwo, TwoNegativesBody } from '../../../nouns/two-negatives/contract.ts';
import { attempt } from '../../../words/attempt.ts';
import { enlargerSeconds } from '../../../words/duration.ts';
import { signedStops } from '../../../words/fraction.ts';
import { handsWords, type FiringLine } from '../firing-lines.ts';
import { gridTimes, lampOf, rightTimes, type TwoShelves } from './two-view.ts';

/** One pair of hands. */
const HANDS = 1;

/** What a negative is called at the enlarger: "A: F-031 / 14, filter 2". */
const settingOf = (letter: 'A' | 'B', { negative, setting }: SideOfTwo) =>
  `${letter}: ${[negative || `negative ${letter}`, setting].filter(Boolean).join(', ')}`;

function line(hands: string, seconds: number, lamp: Lamp, filter: string): FiringLine {
  const dial = enlargerSeconds(seconds, lamp.timerStepSeconds);
  return { hands, dialSeconds: Number(dial), dial, filter };
}

/** The grid: A along two strips, B across both of them. */
function gridLines(body: TwoNegativesBody, shelves: TwoShelves, lamp: Lamp): FiringLine[] {
  const times = gridTimes(body, shelves);
  if (!times) return [];
  const [a, b] = [settingOf('A', body.a), settingOf('B', body.b)];
  return [
    ...times.aSeconds.map((seconds, at) =>
      line(`Strip ${at + 1} under A, the other in the box`, seconds, lamp, a),
    ),
    ...times.bSeconds.map((seconds, at) =>
      line(
        `Both strips across B, part ${at + 1} of ${times.bSeconds.length} open`,
        seconds,
        lamp,
        b,
      ),
    ),
  ];
}

/** The whole sheet under one of the two, with the places that this one burns and holds back. */
function sideLines(
  body: TwoNegativesBody,
  shelves: TwoShelves,
  lamp: Lamp,
  letter: 'A' | 'B',
): FiringLine[] {
  const side = letter === 'A' ? body.a : body.b;
  const { a, b } = rightTimes(body);
  const dialled = letter === 'A' ? a : b;
  if (dialled === undefined) return [];
  const { paper } = paperFacts(body.paper, 'filters', shelves.papers);
  const setting = { id: 'one', range: side.range, speedStops: 0 };
  const areas = side.areas ?? [];
  const seconds = Math.max(lamp.timerStepSeconds, dialled - lamp.lagSeconds);
  const { firings } = planSequence(
    paper,
    { base: [{ ...setting, seconds }], areas, hands: HANDS },
    lamp,
  );
  const edge = body.edge && edgeWords(body.edge, letter);
  const filter = settingOf(letter, side);
  const nameOf = (area: number) => areas[area]?.name ?? 'the area';
  const words: Partial<Record<SequenceFiring['kind'], (firing: SequenceFiring) => string>> = {
    base: () => ['Whole sheet', edge].filter(Boolean).join(', '),
    burn: ({ area = 0 }) => `Burn ${nameOf(area)}`,
  };
  return firings.map((firing) => {
    const whole = words[firing.kind]?.(firing) ?? '';
    const held = firing.held.map(({ area, fromSeconds, seconds: forSeconds }) => ({
      ...{ name: nameOf(area), how: '', fromSeconds, seconds: forSeconds },
    }));
    return {
      ...line(handsWords(whole, held, lamp.timerStepSeconds), firing.dialSeconds, lamp, filter),
      ...(held.length > 0 && { held, whole }),
    };
  });
}

const edgeWords = (
  { widthMm, fillStops }: NonNullable<TwoNegativesBody['edge']>,
  letter: 'A' | 'B',
): string =>
  letter === 'A'
    ? `its edge feathered over ${widthMm} mm with a moving card`
    : `at the feathered edge ${signedStops(fillStops)} stop of it`;

/** Everything that the lamp has to do for the grid, or for one of the two; nothing before its time is known. */
export function twoLines(
  body: TwoNegativesBody,
  shelves: TwoShelves,
  what: TwoThing,
): FiringLine[] {
  const lamp = lampOf(body, shelves);
  const kinds: Record<TwoThing, () => FiringLine[]> = {
    'two-grid': () => gridLines(body, shelves, lamp),
    'two-a': () => sideLines(body, shelves, lamp, 'A'),
    'two-b': () => sideLines(body, shelves, lamp, 'B'),
  };
  return attempt(kinds[what]).value ?? [];
}
