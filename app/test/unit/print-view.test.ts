import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { firedPatches } from '@katachron/core';
import { FilmDraft } from '../../src/lib/stages/film/draft.ts';
import { PrintDraft } from '../../src/lib/nouns/in-hand/draft.ts';
import { Preferences, defaultPreferences } from '../../src/lib/bench/desk/preferences.ts';
import { PrintBody, type Print } from '../../src/lib/nouns/print/contract.ts';
import type { FindingBody } from '../../src/lib/nouns/finding/contract.ts';
import { findingSetup } from '../../src/lib/stages/print/findings.ts';
import { stripLines } from '../../src/lib/stages/logbook/strip-log.ts';
import { earlierLooks, keepLook, takeLookBack } from '../../src/lib/stages/print/look-again.ts';
import { beginPrint, isPlaced, placedStrip } from '../../src/lib/stages/print/begin-print.ts';
import { copyOf, draftFrom } from '../../src/lib/stages/print/from-record.ts';
import { nextStripDraft, recordOf } from '../../src/lib/stages/print/keep.ts';
import { emptyBench } from '../../src/lib/stages/print/setup-now.ts';
import { firingLines, isFired, versionNow } from '../../src/lib/stages/print/firing-lines.ts';
import { ownFiringsWords } from '../../src/lib/stages/print/own-firings.ts';
import { printView } from '../../src/lib/stages/print/print-view.ts';
import { rulerFor } from '../../src/lib/stages/print/ruler.ts';
import { made, withSheet } from '../made.ts';
import { stripRead } from '../samples.ts';
import { check, fits } from '../../src/lib/server/validation.ts';

const draft: PrintDraft = { ...stripRead, areas: [] };
const viewOf = (change: Partial<PrintDraft>) => printView({ ...draft, ...change });

describe('the print page', () => {
  it('gives time and contrast, and the reason', () => {
    const view = viewOf({});
    expect(view.dial).toBe('10.6');
    expect(view.reading!.setting.name).toBe('2½');
    expect(view.reasons).toEqual([
      'The shadow wants ⅓ stop more than the highlight, so go harder: filter 2½.',
      'The harder filter needs 0.6 s more to keep the highlight where you put it.',
    ]);
    expect(view.figures).toContain('by the bare formula as first estimate');
    expect(view.figures).toContain('not calibrated');
    // The answer is at another filter, and nobody has measured how that one differs from what it says.
    expect(view.advice).toMatch(
      /^So far within 0\.\d\d stop and \d+ R; a work print asks for 0\.20 stop and 12 R\. Next: \d+ patches in .+ at filter 2½\.$/,
    );
  });

  it('lists the firings as they are dialled, lag counted', () => {
    expect(viewOf({}).firings.map(({ hands, dial }) => `${hands} ${dial}`)[0]).toBe(
      'Nothing covered 5.2',
    );
    expect(viewOf({ lag: '0' }).firings[0]!.dial).toBe('5.0');
  });

  it('goes softer when the shadow wants less', () => {
    const view = viewOf({ highlight: 4, shadow: 3 });
    expect(view.reasons[0]).toContain('less than the highlight, so go softer: filter 1½');
    expect(view.reasons[1]).toContain('s less to keep');
  });

  it('keeps the contrast when both are right on one patch', () => {
    const view = viewOf({ highlight: 3, shadow: 3 });
    expect(view.reading!.setting.id).toBe('2');
    expect(view.reasons).toEqual([
      'Highlight and shadow are right on the same patch: the contrast stays.',
    ]);
  });

  it('with one pick asks for the other', () => {
    expect(viewOf({ shadow: null }).reasons[0]).toContain('Pick the shadow too');
    expect(viewOf({ highlight: null }).reasons[0]).toContain('Pick the highlight too');
    expect(viewOf({ highlight: null, shadow: null }).reading).toBeUndefined();
  });

  it('says when no light on this paper holds the negative', () => {
    const view = viewOf({ settingId: '4', highlight: 0, shadow: 6 });
    expect(view.reasons.join(' ')).toContain('No light makes this paper hard enough');
  });

  it('advises another strip when it is worth the paper', () => {
    expect(viewOf({ certainty: 'look' }).advice).toContain('as sure as a look asks');
    expect(viewOf({ certainty: 'exhibition' }).advice).toContain('an exhibition print asks');
    expect(viewOf({ highlight: 6 }).advice).toContain('may lie beyond');
  });

  it('says first what is impossible on the whole strip', () => {
    expect(viewOf({ highlight: 0, shadow: 6 }).fault).toMatch(/too soft a setting/);
    expect(viewOf({ highlight: 6, shadow: 6 }).fault).toMatch(/too little light/);
    expect(viewOf({}).fault).toBeUndefined();
  });

  it('shows no tones before a pick says which patch is right', () => {
    expect(viewOf({ highlight: null }).lightTones).toBeUndefined();
    const { lightTones, darkTones } = viewOf({});
    expect(lightTones!.map(({ word }) => word)).toContain('bright, textured');
    expect(darkTones!.at(-1)!.word).toBe('full black');
  });

  it.each([
    [{ first: 'long' }, 'first'],
    [{ first: '0' }, 'first'],
    [{ step: 'x' }, 'step'],
    [{ patches: '40' }, 'patches'],
    [{ timerStep: '' }, 'timerStep'],
    [{ lag: 'late' }, 'lag'],
    [{ first: '0.3', timerStep: '1' }, 'step'],
  ] as const)('%j has its sentence at %s, and the rest stays', (change, field) => {
    const view = viewOf(change);
    expect(view.troubles[field]).toMatch(/\w/);
    expect(view.strip).toBeUndefined();
  });

  it('a pick beyond a strip that was shortened is no pick', () => {
    expect(viewOf({ patches: '3' }).reading).toBeUndefined();
  });

  it('works burns and dodges out in seconds', () => {
    const areas = [
      { name: 'roof', stops: '+⅔' },
      { name: 'glory hole', stops: '−1/3' },
      { name: 'door', stops: 'a lot' },
    ];
    const view = viewOf({ areas });
    expect(view.areas[0]!.does).toBe('+59 %, 6.2 s more');
    expect(view.areas[1]!.does).toBe('−⅓, −21 %, held back for 2.2 s');
    expect(view.areas[2]!.trouble).toContain('+⅔ burns');
  });

  it('is kept with all it takes to make it again', () => {
    const view = viewOf({
      areas: [
        { name: 'roof', stops: '+⅔' },
        { name: '', stops: '1' },
      ],
    });
    expect(view.reading).toBeDefined();
    const kept = made(
      {
        ...draft,
        areas: [
          { name: 'roof', stops: '+⅔' },
          { name: '', stops: '1' },
        ],
      },
      'Furnace hall',
      5,
    )!;
    expect(() => check(PrintBody, kept)).not.toThrow();
    expect(kept.versions[0]).toMatchObject({
      ...{ number: 1, settingId: '2.5', range: 100 },
      areas: [{ name: 'roof' }, { name: 'the area', stops: 1 }],
    });
    expect(kept.strips[0]).toMatchObject({
      settingId: '2',
      highlight: { position: 3, tone: 'VIII' },
    });
    expect(made({ ...draft, highlight: null, shadow: null }, 'x', 5)).toBeUndefined();
  });

  it('one more strip puts this one aside and starts at the new contrast', () => {
    const view = viewOf({});
    const next = { ...draft, ...nextStripDraft(draft, view) };
    expect(next).toMatchObject({ settingId: '2.5', highlight: null, shadow: null, step: '¼' });
    expect(next.earlier).toHaveLength(1);
    expect(printView(next).strip!.patches.length).toBe(Number(next.patches));
    expect(() => check(PrintDraft, next)).not.toThrow();
  });
});

describe('an earlier strip', () => {
  it('is kept with the lamp it was made with, whatever was changed since', () => {
    const next = {
      ...draft,
      ...nextStripDraft(draft, viewOf({})),
      highlight: 1,
      shadow: 1,
      lag: '0',
    };
    const body = made(next, 'Second look', 5)!;
    expect(body.strips[0]!.patchSeconds).toEqual(
      viewOf({}).strip!.patches.map(({ givenSeconds }) => givenSeconds),
    );
    expect(body.setup.lamp.lagSeconds).toBe(0);
    expect(() => check(PrintBody, body)).not.toThrow();
  });
});

describe('all strips of a session together', () => {
  const first = viewOf({});
  const second: PrintDraft = { ...draft, ...nextStripDraft(draft, first) };
  const positionOf = (seconds: number) => {
    const patches = printView(second).strip!.patches.map(({ givenSeconds }) => givenSeconds);
    const apart = patches.map((given) => Math.abs(Math.log2(given / seconds)));
    return apart.indexOf(Math.min(...apart));
  };

  it('a second strip that agrees makes surer than either', () => {
    const at = positionOf(10.6);
    const view = printView({ ...second, highlight: at, shadow: at });
    expect(view.contradiction).toBeUndefined();
    expect(view.reading!.withinStops).toBeLessThan(first.reading!.withinStops / 2);
    expect(view.reading!.setting.id).toBe('2.5');
    expect(view.advice).toContain('Another strip is not worth the paper');
  });

  it('one that does not agree is named, and hardly moves the answer', () => {
    const at = positionOf(10.6);
    const agreed = printView({ ...second, highlight: at, shadow: at });
    const third = {
      ...{ ...second, highlight: at, shadow: at },
      ...nextStripDraft({ ...second, highlight: at, shadow: at }, agreed),
    };
    const slipped = printView({ ...third, first: '2.5', step: '½', highlight: 0, shadow: null });
    expect(slipped.contradiction).toMatch(
      /^This strip’s highlight does not fit the others: it asks for .+ less light .+ Look again/,
    );
    const apart = Math.log2(slipped.reading!.seconds / agreed.reading!.seconds);
    expect(Math.abs(apart)).toBeLessThan(1 / 6);
  });

  it('an earlier strip that was looked at again counts with both looks, and its slip asks nothing more', () => {
    const [own] = second.earlier;
    const slip = { ...own!, highlight: { position: 5, tone: 'VIII' as const } };
    const other = {
      ...{ ...own!, settingId: '2.5' },
      highlight: { position: 3, tone: 'VIII' as const },
      shadow: { position: 3, tone: 'II' as const },
    };
    const earlier = [slip, other, other];
    const slipped: PrintDraft = { ...second, earlier, ...{ highlight: 1, shadow: 1 } };
    const before = printView(slipped);
    expect(before.contradiction).toMatch(/^Strip 1’s highlight does not fit/);
    const looks = earlierLooks(slipped, before);
    expect(looks.map(({ name, looks: count }) => [name, count])).toEqual([
      ['strip 1, filter 2', 1],
      ['strip 2, filter 2½', 1],
      ['strip 3, filter 2½', 1],
    ]);
    expect(looks[0]!.pickAt(3)!.seconds).toBeCloseTo(10, 1);
    const fresh = structuredClone(slipped);
    // A look at another place of it is no answer.
    keepLook(fresh, 0, { highlight: null, shadow: 4 });
    expect(printView(fresh).contradiction).toMatch(/^Strip 1’s highlight does not fit/);
    takeLookBack(fresh, 0);
    keepLook(fresh, 0, { highlight: 3, shadow: null });
    expect(fresh.earlier[0]!.highlight!.position).toBe(5);
    const after = printView(fresh);
    expect(after.contradiction).toBeUndefined();
    expect(after.reading!.withinStops).toBeLessThan(before.reading!.withinStops);
    // It is kept with the print, teaches the next one, and comes back with it.
    const record = made(fresh, 'Looked at twice', 5)!;
    expect(() => check(PrintBody, record)).not.toThrow();
    const kept = { id: '1', version: 1, ...record };
    expect(stripLines(kept)[0]!.seen.at(-1)).toMatch(
      /^looked at again, highlight VIII right at 10\.0 s/,
    );
    expect(draftFrom(kept).earlier[0]!.again).toEqual(fresh.earlier[0]!.again);
    takeLookBack(fresh, 0);
    expect(fresh).toEqual(slipped);
  });

  it('dry verdicts that lie apart tell a coarse eye from a fine one; a change on purpose says nothing of it', () => {
    const verdicts = (apart: number, change = false) =>
      ten.slice(0, 12).map((one, index): Print => {
        // Not by filter: that would be a filter of another speed.
        const highlightStops = index % 4 < 2 ? apart : -apart;
        const by = { stops: 0.25, settings: 0, by: 'a' };
        return {
          ...one,
          sheets: one.sheets.map((sheet) => ({ ...sheet, verdict: { highlightStops } })),
          versions: one.versions.map((version) => (change ? { ...version, change: by } : version)),
        };
      });
    const eye = (evidence: readonly Print[]) =>
      printView(draft, { ...emptyBench, evidence }).reading!.eyeStops;
    const unsaid = eye(ten.slice(0, 12));
    expect(eye(verdicts(1 / 3))).toBeGreaterThan(1.3 * unsaid);
    expect(eye(verdicts(1 / 12))).toBeLessThan(1.05 * unsaid);
    expect(eye(verdicts(1 / 3, true))).toBeCloseTo(unsaid, 6);
  });

  it('two looks at one strip tell a fine eye from a coarse one, and no look is of two strips', () => {
    const eye = (apart: number) => {
      const twice = structuredClone({ ...second, highlight: null, shadow: null }) as PrintDraft;
      for (const side of [1, -1, 1]) {
        keepLook(twice, 0, { highlight: 3 + side * apart, shadow: 4 - side * apart });
      }
      const view = printView({ ...twice, highlight: positionOf(10.6), shadow: positionOf(10.6) });
      expect(view.contradiction).toBeUndefined();
      return view.reading!.eyeStops;
    };
    expect(eye(1)).toBeGreaterThan(1.5 * eye(0));
    const many = structuredClone(second);
    for (let look = 0; look < 9; look += 1) keepLook(many, 0, { highlight: 3, shadow: 3 });
    expect(many.earlier[0]!.again).toHaveLength(3);
  });

  it('a lag written down later leaves the record of a strip as it was dialled, and so what it teaches', () => {
    const then = printView({ ...draft, lag: '0' });
    const now = { ...draft, lag: '0.3', stripLag: '0' };
    const record = made(now, 'A lamp of 0.3 s', 1000)!;
    expect(record.setup.lamp.lagSeconds).toBe(0.3);
    expect(record.strips[0]!.lamp!.lagSeconds).toBe(0);
    const again = printView(draftFrom({ id: '1', version: 1, ...record }));
    expect(again.firings.map(({ dial }) => dial)).toEqual(then.firings.map(({ dial }) => dial));
    expect(made({ ...draft, lag: '0.3' }, 'One lamp', 1000)!.strips[0]).not.toHaveProperty('lamp');
  });

  const print = (number: number, change: Partial<PrintDraft> = {}): Print => ({
    id: String(number),
    version: 1,
    ...made({ ...draft, ...change }, `Print ${number}`, 1000 + number)!,
  });
  const ten = Array.from({ length: 10 }, (_, n) => [
    print(2 * n),
    print(2 * n + 1, { settingId: '2.5' }),
  ]).flat();

  it('three prints made here place the first strip of the next one, as wide as they differed', () => {
    const bench = { ...emptyBench, evidence: ten.slice(0, 2) };
    expect(placedStrip(beginPrint(draft, bench), bench)).toBeUndefined();
    const six = { ...bench, evidence: ten.slice(0, 6) };
    const begun = beginPrint(draft, six);
    const alike = placedStrip(begun, six)!;
    expect(alike.prints).toBe(6);
    const secondsOf = (one: PrintDraft) =>
      printView(one).strip!.patches.map(({ givenSeconds }) => givenSeconds);
    const [low, high] = [secondsOf(begun)[0]!, secondsOf(begun).at(-1)!];
    // Three stops in all, with what the six needed in the middle.
    expect(Math.log2(high / low)).toBeCloseTo(3, 0);
    expect(Math.sqrt(low * high)).toBeGreaterThan(9);
    expect(Math.sqrt(low * high)).toBeLessThan(13);
    expect(isPlaced(begun, alike)).toBe(true);
    // Another height of the head is another light.
    expect(placedStrip({ ...begun, head: '55 cm' }, six)).toBeUndefined();
    expect(placedStrip({ ...begun, aperture: '16' }, six)).toBeUndefined();
    expect(isPlaced({ ...begun, first: '3' }, alike)).toBe(false);
    const others = [print(30, { first: '1.5' }), print(31, { first: '22' }), ...ten.slice(0, 2)];
    const far = beginPrint(draft, { ...bench, evidence: others });
    const seconds = secondsOf(far);
    expect(Math.log2(seconds.at(-1)! / seconds[0]!)).toBeGreaterThan(5);
  });

  it('what earlier prints on this paper taught makes surer, is shown, and can be forgotten', () => {
    const taught = printView(draft, { ...emptyBench, evidence: ten });
    expect(taught.learned).toMatch(
      /^Learned from 20 prints in this set-up: .+ stop, .+ \d+ R\. A pick errs by about .+ stop\.$/,
    );
    expect(taught.reading!.withinStops).toBeLessThan(first.reading!.withinStops);
    // What the ± is made of stands beside it, and what makes it smaller.
    expect(first.budget).toMatch(
      /^In it 0\.\d\d stop for the (filters|looks), .*makes it smaller\.$/,
    );
    const forgotten = printView(
      { ...draft, forgetBeforeMs: 5000 },
      { ...emptyBench, evidence: ten },
    );
    expect(forgotten.learned).toBeUndefined();
    expect(forgotten.reading!.withinStops).toBe(first.reading!.withinStops);
  });

  it('prints on another paper, at another enlarger or with other filters teach nothing here', () => {
    for (const change of [{ paper: 'Other' }, { enlarger: 'the low one' }, { paper: '' }]) {
      expect(
        printView({ ...draft, ...change }, { ...emptyBench, evidence: ten }).learned,
      ).toBeUndefined();
    }
    const grades = { contrastSetId: 'grades', settingId: '2' } as const;
    expect(
      printView({ ...draft, ...grades }, { ...emptyBench, evidence: ten }).learned,
    ).toBeUndefined();
  });

  it('a cover-up strip is in as many firings as a patch had, separate patches in one', () => {
    const lamp = { lagSeconds: 0.2, timerStepSeconds: 0.1 };
    const choices = { ...first.choices!, kind: 'stops' } as const;
    const covered = firedPatches({ ...choices, method: 'cover-up' }, lamp);
    expect(covered.map(({ firings }) => firings)).toEqual([1, 2, 3, 4, 5, 6, 7]);
    covered.forEach(({ dialSeconds, firings }, index) => {
      const given = first.strip!.patches[index]!.givenSeconds;
      expect(dialSeconds - 0.2 * firings).toBeCloseTo(given, 6);
    });
    const separate = firedPatches({ ...choices, method: 'separate' }, lamp);
    expect(new Set(separate.map(({ firings }) => firings))).toEqual(new Set([1]));
  });
});

describe('the ruler', () => {
  const thirds = [5, 6.3, 7.94, 10, 12.6, 15.87, 20];
  const ruler = rulerFor(thirds);

  it('has patches of equal width for equal steps, end to end', () => {
    const widths = ruler.patches.map(({ width }) => width);
    expect(Math.max(...widths) - Math.min(...widths)).toBeLessThan(0.1);
    expect(widths.reduce((sum, width) => sum + width, 0)).toBeCloseTo(100, 6);
  });

  it('finds the pick under the finger: a patch, or between two', () => {
    expect(ruler.positionAt(ruler.patches[3]!.centre)).toBe(3);
    expect(ruler.positionAt(ruler.patches[3]!.x + ruler.patches[3]!.width)).toBe(3.5);
    expect(ruler.positionAt(-50)).toBe(0);
    expect(ruler.positionAt(150)).toBe(6);
  });

  it('gives every pick back from where it stands', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 12 }), (half) => {
        const position = half / 2;
        const lower = thirds[Math.floor(position)]!;
        const upper = thirds[Math.ceil(position)]!;
        expect(ruler.positionOf(Math.sqrt(lower * upper))).toBe(position);
      }),
    );
  });
});

describe('what a browser keeps', () => {
  it('is used when it fits and ignored when it does not', () => {
    expect(fits(Preferences, defaultPreferences)).toBe(true);
    fc.assert(
      fc.property(fc.jsonValue(), (odd) => {
        expect(fits(Preferences, odd)).toBe(false);
        expect(fits(FilmDraft, odd)).toBe(false);
        expect(fits(PrintDraft, odd)).toBe(false);
      }),
    );
  });
});

describe('the sheet that was fired', () => {
  const fired = (change: object) => {
    const now = { ...draft, ...change };
    return isFired(now, printView(now));
  };
  const { versions, sheets } = withSheet(draft, printView(draft));
  const given = { versions, sheets };

  it('is the one to write down only while the answer is what it was given', () => {
    expect(versions![0]!.dialSeconds.length).toBeGreaterThan(0);
    expect(fired({})).toBe(false);
    expect(fired(given)).toBe(true);
    expect(fired({ ...given, highlight: 4 })).toBe(false);
    expect(fired({ ...given, areas: [...draft.areas, { name: 'sky', stops: '+1' }] })).toBe(false);
    expect(fired({ ...given, areas: [...draft.areas, { name: 'hand', stops: '−½' }] })).toBe(false);
    expect(fired({ ...given, takenUpAtMs: 6 })).toBe(false);
  });

  it('another answer is another version, and the first one again is the first', () => {
    const burned: PrintDraft = { ...draft, ...given, areas: [{ name: 'sky', stops: '+1' }] };
    const two = withSheet(burned, printView(burned));
    expect(two.versions!.map(({ number }) => number)).toEqual([1, 2]);
    const again = { ...two, areas: draft.areas };
    const three = withSheet(again, printView(again));
    expect(three.sheets!.map(({ version }) => version)).toEqual([1, 2, 1]);
    expect(recordOf(three, printView(three))).toMatchObject({
      versions: [{}, {}],
      title: draft.title,
    });
  });

  it('what was said of it dry stays when another sheet is written down', () => {
    const record = recordOf({ ...draft, ...given }, printView(draft))!;
    const judged = {
      note: 'On the wall.',
      sheets: record.sheets.map((sheet) => ({ ...sheet, verdict: { blacks: 'thin' as const } })),
    };
    const more = withSheet({ ...draft, ...given }, printView(draft), 9);
    const after = recordOf(more, printView(more), judged)!;
    expect(after.sheets.map(({ verdict }) => verdict?.blacks)).toEqual(['thin', undefined]);
    expect(after.note).toBe('On the wall.');
    expect(() => check(PrintBody, after)).not.toThrow();
  });

  it('a print is worked out again from its record alone', () => {
    const record = made({ ...draft, title: 'From the record' }, 'From the record', 5)!;
    const again = draftFrom({ id: 'x', version: 1, ...record });
    expect(() => check(PrintDraft, again)).not.toThrow();
    expect(printView(again).dial).toBe(printView(draft).dial);
    expect(isFired(again, printView(again))).toBe(true);
    expect(copyOf(again)).not.toHaveProperty('sheets');
  });

  it('a strip without a pick has none', () => {
    const unread = { ...draft, highlight: null, shadow: null };
    expect(versionNow(unread, printView(unread))).toBeUndefined();
  });

  it('in the strip’s own firings it gets just what the patch got that was picked', () => {
    const seconds: PrintDraft = {
      ...{
        ...draft,
        kind: 'equal-seconds' as const,
        first: '3',
        step: '3',
        patches: '8',
        lag: '0',
      },
      ...{ highlight: 5, shadow: null, asFired: true },
    };
    const view = printView(seconds);
    expect(versionNow(seconds, view)!.dialSeconds).toEqual([3, 3, 3, 3, 3, 3]);
    expect(ownFiringsWords(seconds, view)).toMatch(
      /^Just what patch 6 got: 6 × 3\.0 s\. In one firing all that is known would give \d+\.\d s\.$/,
    );
  });
});

describe('a print in two exposures, or with a flash', () => {
  const asked: PrintDraft = {
    ...draft,
    areas: [
      { name: 'hand', stops: '−½' },
      { name: 'roof', stops: '+1' },
    ],
  };
  const linesOf = (change: Partial<PrintDraft>, bench = emptyBench) => {
    const changed = { ...asked, ...change };
    return firingLines(changed, printView(changed, bench), 'print');
  };

  it('split, it is fired soft and hard, held back in both, and burned with the soft one while that is in', () => {
    const lines = linesOf({ split: { soft: '00', hard: '5' } });
    expect(lines.map(({ filter }) => filter)).toEqual(['filter 00', 'filter 00', 'filter 5']);
    expect(lines[0]!.hands).toMatch(/^Whole sheet; hold back hand for \d\.\d s$/);
    expect(lines[1]!.hands).toBe('Burn roof, card with a hole moving');
    expect(lines[2]!.hands).toMatch(/^Whole sheet again; hold back hand for \d\.\d s$/);
    const view = printView({ ...asked, split: { soft: '00', hard: '5' } });
    const [soft, hard] = view.split!.pair!;
    expect(lines[0]!.dialSeconds).toBeCloseTo(soft!.seconds + 0.2, 1);
    expect(lines[2]!.dialSeconds).toBeCloseTo(hard!.seconds + 0.2, 1);
    expect(versionNow({ ...asked, split: { soft: '00', hard: '5' } }, view)!.split).toHaveLength(2);
  });

  it('flashed, the flash comes first with its own light, and the main exposure is shorter', () => {
    const setup = { ...findingSetup(asked), settingId: '00' };
    const threshold: FindingBody = {
      ...{ name: 'Flash', kind: 'flash-threshold', seconds: 2, setup, foundAtMs: 5 },
    };
    const flashed = linesOf({ flash: '80' }, { ...emptyBench, findings: [threshold] });
    const plain = linesOf({});
    expect(flashed[0]).toMatchObject({ dial: '1.8', filter: 'filter 00' });
    expect(flashed[0]!.hands).toContain('Flash');
    expect(flashed[1]!.dialSeconds).toBeLessThan(plain[0]!.dialSeconds);
    // Nobody knows how long a flash of an unknown threshold is.
    expect(linesOf({ flash: '80' })).toEqual(plain);
    const view = printView({ ...asked, flash: '80' });
    expect(view.flash!.given).toContain('No threshold was found for this set-up yet');
    expect(printView({ ...asked, flash: 'much' }).flash!.trouble).toContain('70 to 100');
  });
});
