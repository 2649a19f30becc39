import { describe, expect, it } from 'vitest';
import type { Print } from '../../src/lib/nouns/print/contract.ts';
import { PrintBody } from '../../src/lib/nouns/print/contract.ts';
import { fits } from '../../src/lib/server/validation.ts';
import {
  apartWords,
  eyeWords,
  practiceStrips,
  practised,
  twiceWords,
  unpractised,
} from '../../src/lib/stages/print/practice.ts';
import { printView } from '../../src/lib/stages/print/print-view.ts';
import { emptyBench } from '../../src/lib/stages/print/setup-now.ts';
import { made } from '../made.ts';
import { likeTheSet, threeFilters } from '../three-filters.ts';

const paper = 'Marrow fibre';
const printed = (index: number): Print => ({
  ...{ id: String(index), version: 3 },
  ...made(threeFilters(8 + index, likeTheSet, paper), `Gather ${index}`, 1000 + index)!,
});
const four = [3, 2, 1, 0].map(printed);

/** All strips of some prints looked at once more, so many halves of a patch away, by turns to either side. */
function lookedAtAgain(prints: readonly Print[], halves: number): Print[] {
  return prints.map((print) =>
    print.strips.reduce<Print>((now, strip, index) => {
      const away = (index % 2 === 0 ? halves : -halves) / 2;
      const at = (position: number) => Math.min(14, Math.max(0, position + away));
      const picks = {
        highlight: at(strip.highlight!.position),
        shadow: at(strip.shadow!.position),
      };
      return { ...now, ...practised({ print: now, index }, picks) };
    }, print),
  );
}

describe('practice', () => {
  it('begins with the strips that were looked at least, the oldest of them first', () => {
    const strips = practiceStrips(four);
    expect(strips).toHaveLength(12);
    expect(strips[0]).toMatchObject({ name: 'strip 1, filter 1', looks: 1 });
    expect(strips[0]!.print.title).toBe('Gather 0');
    expect(strips[0]!.aims).toBe(
      'the highlight is right where it is bright, textured (VIII), the shadow is right where it is black, textured (II)',
    );
    const [first] = strips;
    const after = { ...first!.print, ...practised(first!, { highlight: 6, shadow: null }) };
    const rest = practiceStrips([...four.slice(0, 3), after]);
    expect(rest[0]!.name).toBe('strip 2, filter 2');
    expect(rest.at(-1)).toMatchObject({ id: first!.id, looks: 2 });
    expect(practiceStrips([])).toEqual([]);
  });

  it('keeps a look beside the first in a record that is a record still, and takes it back', () => {
    const [strip] = practiceStrips(four);
    const body = practised(strip!, { highlight: 7, shadow: 8.5 }, 'card');
    expect(fits(PrintBody, body)).toBe(true);
    expect(body.strips[0]!.again).toEqual([
      {
        highlight: { position: 7, tone: 'VIII' },
        shadow: { position: 8.5, tone: 'II' },
        way: 'card',
      },
    ]);
    expect(body.strips[0]!.highlight).toEqual(strip!.print.strips[0]!.highlight);
    const { id, version, ...before } = strip!.print;
    expect(unpractised({ ...body, id, version }, 0)).toEqual(before);
  });

  it('says how far two picks lie apart', () => {
    const [strip] = practiceStrips(four);
    const { highlight, shadow } = strip!.print.strips[0]!;
    expect(
      apartWords(strip!, { highlight: highlight!.position, shadow: shadow!.position + 1 }),
    ).toBe('The highlight as at first, the shadow with ¼ stop more light than at first.');
    expect(apartWords(strip!, { highlight: highlight!.position - 2, shadow: null })).toBe(
      'The highlight with ½ stop less light than at first.',
    );
    expect(twiceWords(four)).toBeUndefined();
    expect(twiceWords(lookedAtAgain(four, 2))).toBe(
      '24 picks were made twice, half of them within 0.25 stop of the first.',
    );
  });

  it('teaches how finely somebody sees, and the next print on the paper goes by it', () => {
    const words = (prints: readonly Print[]) => eyeWords(prints[0]!, prints, emptyBench);
    const alike = lookedAtAgain(four, 0);
    const apart = lookedAtAgain(four, 3);
    expect(words(alike)).toBe(
      'By all your strips a pick on Marrow fibre by eye errs by about 1/12 stop.',
    );
    expect(words(apart)).toMatch(/errs by about (⅙|1\/6) stop\.$/);
    const within = (evidence: readonly Print[]) =>
      printView(threeFilters(10, likeTheSet, paper), { ...emptyBench, evidence }).reading!
        .withinStops;
    expect(within(apart)).toBeGreaterThan(within(alike) * 1.2);
    expect(
      eyeWords({ ...four[0]!, setup: { ...four[0]!.setup, paper: '' } }, four, emptyBench),
    ).toBe(undefined);
  });
});
