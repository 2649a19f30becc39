import { describe, expect, it } from 'vitest';
import type { PrintDraft } from '../../src/lib/nouns/in-hand/draft.ts';
import { newDraft } from '../../src/lib/nouns/in-hand/begin.ts';
import { PrintBody, type Print } from '../../src/lib/nouns/print/contract.ts';
import { usualStrip } from '../../src/lib/nouns/strip/usual.ts';
import { stripReadingOperation } from '../../src/lib/server/operations/strip-reading.ts';
import { fits } from '../../src/lib/server/validation.ts';
import { stripLines } from '../../src/lib/stages/logbook/strip-log.ts';
import { isPlaced, placedStrip, withPlaced } from '../../src/lib/stages/print/begin-print.ts';
import { firingLines, isFired } from '../../src/lib/stages/print/firing-lines.ts';
import { draftFrom } from '../../src/lib/stages/print/from-record.ts';
import { changedSetup, checkStripDraft, nextStripDraft } from '../../src/lib/stages/print/keep.ts';
import { nextWords } from '../../src/lib/stages/print/next-words.ts';
import { printView } from '../../src/lib/stages/print/print-view.ts';
import { emptyReadings, readPlaces, readWords } from '../../src/lib/stages/print/read-places.ts';
import { toneCard } from '../../src/lib/stages/print/tone-card.ts';
import { emptyBench, setupNow } from '../../src/lib/stages/print/setup-now.ts';
import { made, withSheet } from '../made.ts';
import { stripRead } from '../samples.ts';

const blank = emptyReadings('2');
/** A negative whose highlight gets so much log light, its shadow 0.94 more: filter 2. */
const read = (log: number, scale: 'light' | 'density' = 'light') => ({
  ...{ ...blank, scale, ...(scale === 'density' && { negativeLight: 'diffuse' as const }) },
  highlight: { ...blank.highlight, reading: String(log) },
  shadow: { ...blank.shadow, reading: (log + (scale === 'light' ? 0.94 : -0.94)).toFixed(2) },
});
const unseen: PrintDraft = { ...stripRead, areas: [], highlight: null, shadow: null };
const negative = (log: number, change: Partial<PrintDraft> = {}): PrintDraft => ({
  ...unseen,
  readings: read(log),
  ...change,
});
const setup = setupNow(unseen, emptyBench).setup;

/** Prints made here of negatives that were read: highlight and shadow right on the fourth patch. */
const prints = (change: (log: number) => Partial<PrintDraft> = () => ({})): Print[] =>
  Array.from({ length: 10 }, (_, number) => {
    const first = 3 + (number % 4);
    const log = Math.log10(10 / (first * 2));
    const draft = negative(Number(log.toFixed(2)), {
      ...{ first: String(first), highlight: 3, shadow: 3 },
      ...change(log),
    });
    return { id: String(number), version: 1, ...made(draft, `Print ${number}`, 1000 + number)! };
  });

describe('what was read of a negative', () => {
  it('says the contrast before the first strip, and places it; the time is the strip’s to find', () => {
    const view = printView(negative(-0.1));
    expect(view.reading).toBeUndefined();
    expect(view.soFar!.setting.id).toBe('2');
    expect(view.soFar!.dial).toBeUndefined();
    expect(view.advice).toMatch(
      /^So far the contrast within \d+ R, the time not known; a work print asks for 0\.20 stop and 12 R\. Next: 15 patches/,
    );
    const placed = placedStrip(negative(-0.1), emptyBench, view)!;
    expect(placed.prints).toBeUndefined();
    const laid = withPlaced(negative(-0.1), placed);
    expect(laid.patches).toBe('15');
    expect(isPlaced(laid, placed)).toBe(true);
    expect(nextWords(negative(-0.1), view)).toBe('Fire strip 1 and pick on it');
    // At so short a time a lag that nobody knows is found by patches of their own.
    const right = { reading: '0', tone: 'VIII', seconds: '0.9', settingId: '2' } as const;
    const brief = negative(-0.1, { lag: '0', readings: { ...read(-0.1), known: right } });
    const short = placedStrip(brief, emptyBench, printView(brief))!;
    expect(short.strip.method).toBe('separate');
    expect(withPlaced(brief, short).method).toBe('separate');
  });

  it('with ten prints made here is the print: no strip, and its reason', () => {
    const bench = { ...emptyBench, evidence: prints() };
    const draft = negative(-0.1);
    const view = printView(draft, bench);
    // 10 s at 0, so 12.6 s at −0.1.
    expect(Number(view.dial)).toBeGreaterThan(12.1);
    expect(Number(view.dial)).toBeLessThan(13.1);
    expect(view.reasons).toEqual([
      'The contrast is what was read of the negative: filter 2; the time follows from prints that were right before.',
      'On a box of paper newer than theirs make a strip first: it may be faster or slower.',
    ]);
    expect(view.advice).toMatch(/Another strip is not worth the paper\.$/);
    expect(placedStrip(draft, bench, view)).toBeUndefined();
    expect(firingLines(draft, view, 'print')).toMatchObject([{ filter: 'filter 2' }]);
    expect(isFired(withSheet(draft, view), view)).toBe(true);
    // Nothing that was not looked at is put aside as if it had been.
    expect(checkStripDraft(draft, view, '2', 12.6).earlier).toEqual([]);
    expect(changedSetup(draft, view, { head: '50 cm' }, bench).earlier).toBeUndefined();
    expect(changedSetup(draft, view, { contrastSetId: 'grades' }, bench).earlier).toEqual([]);
  });

  it('left out counts for nothing, and is kept', () => {
    const bench = { ...emptyBench, evidence: prints() };
    const draft = negative(-0.1, { readings: { ...read(-0.1), leftOut: true } });
    const view = printView(draft, bench);
    expect(view.together).toBeUndefined();
    const words = readWords(draft.readings!, readPlaces(draft.readings!, draft).read!, setup);
    expect(words).toBe('Log light −0.1 at the highlight and 0.84 at the shadow are left out.');
    const kept = made({ ...draft, highlight: 3, shadow: 3 }, 'Left out', 5)!;
    expect(kept.readings).toBeUndefined();
  });

  it('by a probe is light of that set-up: after a change it says the contrast alone', () => {
    const bench = { ...emptyBench, evidence: prints() };
    const readings = { ...read(-0.1), setup };
    expect(printView(negative(-0.1, { readings }), bench).reading).toBeDefined();
    const raised = negative(-0.1, { readings, head: '50 cm' });
    const view = printView(raised, bench);
    expect(view.reading).toBeUndefined();
    expect(view.together!.setting.id).toBe('2');
    expect(view.together!.withinStops).toBeGreaterThan(2);
    const { read: places } = readPlaces(readings, raised);
    expect(readWords(readings, places!, view.now.setup)).toMatch(
      /count for the contrast alone: the set-up was changed since\./,
    );
    expect(made({ ...raised, highlight: 3, shadow: 3 }, 'Raised', 5)!.readings).toBeUndefined();
  });

  it('by a probe is converted where it is known what the change did to the light', () => {
    const sized = { negativeLength: '60', printLength: '240' };
    const evidence = prints(() => sized);
    const there = { ...unseen, ...sized };
    const readings = { ...read(-0.1), setup: setupNow(there, emptyBench).setup };
    const bench = { ...emptyBench, evidence };
    const here = printView({ ...there, readings }, bench).together!;
    const bigger = printView({ ...there, readings, printLength: '480' }, bench);
    // (1 + 8)² over (1 + 4)².
    expect(bigger.together!.seconds / here.seconds).toBeCloseTo(3.24, 1);
    expect(bigger.together!.withinStops).toBeGreaterThan(here.withinStops);
    expect(bigger.together!.withinRange).toBeCloseTo(here.withinRange, 0);
    const { read: places } = readPlaces(readings, there);
    expect(readWords(readings, places!, bigger.now.setup)).toMatch(/count as converted/);
  });

  it('as densities counts for the time under one head and lens, and for the contrast anywhere', () => {
    const evidence = prints((log) => ({ readings: read(Number((-log).toFixed(2)), 'density') }));
    const draft = { ...unseen, readings: read(0.1, 'density') };
    const here = printView(draft, { ...emptyBench, evidence });
    expect(here.together!.withinStops).toBeLessThan(0.3);
    expect(Math.abs(Math.log2(here.together!.seconds / 12.6))).toBeLessThan(1 / 12);
    const there = printView({ ...draft, head: '50 cm' }, { ...emptyBench, evidence });
    expect(there.together!.withinStops).toBeGreaterThan(2);
    expect(there.together!.setting.id).toBe('2');
  });

  it('that does not fit what is picked is said to be wrong, and the picks count', () => {
    const bench = { ...emptyBench, evidence: prints() };
    const view = printView(negative(-0.7, { highlight: 3, shadow: 3 }), bench);
    expect(view.contradiction).toMatch(/^What was read does not fit what was picked/);
    expect(Math.abs(Math.log2(view.reading!.seconds / 10))).toBeLessThan(1 / 8);
    const fits = printView(negative(0, { highlight: 3, shadow: 3 }), bench);
    expect(fits.contradiction).toBeUndefined();
  });

  it('is in the record, and is typed there again when the print is taken up', () => {
    const known = { reading: '0.2', tone: 'VII', seconds: '9.5', settingId: '2.5' } as const;
    const others = [{ name: 'roof', reading: '−0.4', tone: 'V' as const }];
    const readings = { ...read(-0.1), known, others };
    const record = made(
      negative(-0.1, { readings, highlight: 3, highlightTone: 'VII' }),
      'Furnace hall',
      5,
    )!;
    expect(record.readings).toEqual({
      scale: 'light',
      highlight: { reading: -0.1, tone: 'VII' },
      shadow: { reading: 0.84, tone: 'II' },
      others: [{ name: 'roof', reading: -0.4, tone: 'V' }],
      known: { reading: 0.2, tone: 'VII', seconds: 9.5, settingId: '2.5' },
    });
    expect(fits(PrintBody, record)).toBe(true);
    const again = draftFrom({ id: '1', version: 1, ...record });
    expect(again.readings).toEqual({
      ...readings,
      highlight: { name: 'highlight', reading: '−0.1' },
      shadow: { name: 'shadow', reading: '0.84' },
    });
    expect(again.highlightTone).toBe('VII');
  });

  it('says the same through the open interface as on the page', () => {
    const evidence = prints();
    const view = printView(negative(-0.1), { ...emptyBench, evidence });
    const lamp = { lagSeconds: 0.2, timerStepSeconds: 0.1 };
    const tones = { highlightTone: 'VIII', shadowTone: 'II' } as const;
    const at = (highlightLog: number, shadowLog: number) =>
      ({ by: 'light', scale: 'probe', highlightLog, shadowLog }) as const;
    const answer = stripReadingOperation.run({
      ...{ contrastSetId: 'filters', ...tones, lamp, certainty: 'work-print', sideBySide: true },
      strips: [
        {
          settingId: '2',
          choices: { ...usualStrip, method: 'separate' },
        },
      ],
      readings: at(-0.1, 0.84),
      earlier: evidence.map(({ strips, readings }) => ({
        ...{ ...tones, lamp },
        strips: strips.map(({ settingId, choices, highlight, shadow }) => ({
          ...{ settingId, choices },
          ...{ highlight: highlight!.position, shadow: shadow!.position },
        })),
        readings: at(readings!.highlight.reading, readings!.shadow.reading),
      })),
    });
    expect(answer.seconds).toBeCloseTo(view.reading!.seconds, 9);
    expect(answer).toMatchObject({ verdict: 'make-print', highlight: null, formulaRange: null });
    expect(answer.misread).toBeLessThan(0.05);
  });
});

describe('a tone card', () => {
  const draft: PrintDraft = { ...stripRead, areas: [] };
  const view = printView(draft);

  it('is made of the highlight’s place at five times, the lag in them', () => {
    const card = toneCard(draft, view);
    expect(card.map(({ name }) => name)).toEqual(['VIII', 'VII', 'V', 'III', 'II']);
    const dials = card.map(({ dial }) => Number(dial));
    expect(dials).toEqual([...dials].sort((a, b) => a - b));
    expect(dials[0]).toBeCloseTo(Number(view.dial) + 0.2, 1);
    // What is taken off for the dry print is not taken off the card.
    const dry = { ...draft, dryDown: true };
    expect(toneCard(dry, printView(dry))).toEqual(card);
    expect(toneCard({ ...draft, highlight: null, shadow: null }, printView(unseen))).toEqual([]);
  });

  it('makes picks surer, stays with their strips in the record, and with the next print', () => {
    const beside = { ...draft, lookedAt: 'card' } as const;
    expect(printView(beside).reading!.withinStops).toBeLessThan(view.reading!.withinStops);
    const record = made(beside, 'Beside the card', 5)!;
    expect(record.strips[0]!.way).toBe('card');
    expect(stripLines({ id: '1', version: 1, ...record })[0]!.made).toMatch(
      /; looked at beside the tone card$/,
    );
    expect(fits(PrintBody, record)).toBe(true);
    const again = draftFrom({ id: '1', version: 1, ...record });
    expect(again.lookedAt).toBe('card');
    expect(printView(again).reading!.withinStops).toBeCloseTo(
      printView(beside).reading!.withinStops,
      9,
    );
    expect(newDraft(beside).lookedAt).toBe('card');
    const next = { ...beside, ...nextStripDraft(beside, printView(beside)) } as PrintDraft;
    delete next.lookedAt;
    // A strip put aside was looked at as it was, however the next one is.
    expect(next.earlier[0]!.way).toBe('card');
  });
});
