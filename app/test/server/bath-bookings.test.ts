import { randomUUID } from 'node:crypto';
import sharp from 'sharp';
import { beforeEach, describe, expect, it } from 'vitest';
import { ROLL_EQUIVALENT_CM2 } from '@katachron/core';
import { wentWords } from '../../src/lib/nouns/bath/went-words.ts';
import { pictures } from '../../src/lib/nouns/picture/store.server.ts';
import { addEntry, entriesOf } from '../../src/lib/nouns/bath/entries.server.ts';
import { inHandExample } from '../../src/lib/nouns/in-hand/contract.ts';
import { proofExample } from '../../src/lib/nouns/proof/contract.ts';
import { twoNegativesExample } from '../../src/lib/nouns/two-negatives/contract.ts';
import { findingExample } from '../../src/lib/nouns/finding/contract.ts';
import { printExample, type PrintBody } from '../../src/lib/nouns/print/contract.ts';
import type { ProcessEvent } from '../../src/lib/nouns/process/contract.ts';
import { rollExample } from '../../src/lib/nouns/roll/contract.ts';
import { shelfStores } from '../../src/lib/nouns/shelves.server.ts';
import { PUT as PUT_PRINT } from '../../src/routes/api/v1/prints/[id]/+server.ts';
import {
  DELETE as DELETE_IN_HAND,
  PUT as PUT_IN_HAND,
} from '../../src/routes/api/v1/prints-in-hand/[id]/+server.ts';
import { PUT as PUT_ROLL } from '../../src/routes/api/v1/rolls/[id]/+server.ts';
import { PUT as PUT_EVENT } from '../../src/routes/api/v1/rolls/[id]/events/[event]/+server.ts';
import { PUT as PUT_TRAY } from '../../src/routes/api/v1/sheets/[id]/events/[event]/+server.ts';
import { call } from './call.ts';
import { freshDatabase } from './database.ts';

freshDatabase();

const [stop, fixer, developer] = [randomUUID(), randomUUID(), randomUUID()];
beforeEach(async () => {
  for (const [id, use] of [
    [stop, 'stop'],
    [fixer, 'fixer'],
    [developer, 'paper-developer'],
  ] as const) {
    await shelfStores.baths.put(id, {
      ...{ name: `The ${use}`, use, mixedAtMs: 1, volumeMl: 2000, tests: [] },
    });
  }
});

const ledger = async (bath: string) => (await entriesOf([bath]))[bath] ?? [];
/** What of a roll or a print stands on a bath now, cm², and in how many lines it is written. */
const booked = async (bath: string, of: string) => {
  const all = await ledger(bath);
  const own = all.filter((one) => one.of?.id === of);
  const lines = all.filter((one) => one.of?.id === of || own.some(({ id }) => id === one.corrects));
  const areas = lines.map(({ entry }) => ('areaCm2' in entry ? entry.areaCm2 : 0));
  return { lines: lines.length, cm2: areas.reduce((sum, area) => sum + area, 0) };
};

describe('a run is booked on the baths it went through', () => {
  const twoRolls = 2 * ROLL_EQUIVALENT_CM2;
  const newRun = async () => {
    const id = randomUUID();
    const { status } = await call(PUT_ROLL, {
      params: { id },
      body: {
        ...rollExample,
        baths: {
          load: [{ format: 'small-36', count: 2 }],
          baths: [
            { place: 'stop', id: stop, name: 'The stop' },
            { place: 'fix', id: fixer, name: 'The fixer' },
          ],
        },
      },
    });
    expect(status).toBe(201);
    return id;
  };
  type Told<Event> = Event extends ProcessEvent ? Omit<Event, 'id' | 'atMs'> : never;
  const sender = (roll: string) => {
    let atMs = 1_768_500_100_000;
    const send = async (event: ProcessEvent) => {
      const answer = await call(PUT_EVENT, { params: { id: roll, event: event.id }, body: event });
      expect([200, 201]).toContain(answer.status);
      return event;
    };
    const tell = (told: Told<ProcessEvent>) =>
      send({ id: randomUUID(), atMs: (atMs += 60_000), ...told } as ProcessEvent);
    return { send, tell };
  };

  it('when it is over, once, however often that is sent and by however many at once', async () => {
    const roll = await newRun();
    const { send, tell } = sender(roll);
    await tell({ kind: 'poured-in', stepId: 'developer' });
    await tell({ kind: 'poured-in', stepId: 'stop' });
    await tell({ kind: 'poured-in', stepId: 'fix' });
    expect(await booked(fixer, roll)).toEqual({ lines: 0, cm2: 0 });
    const over = await tell({ kind: 'finished' });
    await Promise.all([send(over), send(over), tell({ kind: 'note', text: 'Clear.' })]);
    for (const bath of [stop, fixer]) {
      expect(await booked(bath, roll)).toEqual({ lines: 1, cm2: twoRolls });
    }
    const [line] = await ledger(fixer);
    expect(line).toMatchObject({
      of: { kind: 'roll', id: roll, name: rollExample.title },
      load: [{ format: 'small-36', count: 2 }],
    });
  });

  it('not on a bath that it never reached; and taken back, by a line of its own, when it goes on after all', async () => {
    const roll = await newRun();
    const { tell } = sender(roll);
    await tell({ kind: 'poured-in', stepId: 'developer' });
    await tell({ kind: 'poured-in', stepId: 'stop' });
    const over = await tell({ kind: 'finished' });
    expect(await booked(stop, roll)).toEqual({ lines: 1, cm2: twoRolls });
    expect(await booked(fixer, roll)).toEqual({ lines: 0, cm2: 0 });
    await tell({ kind: 'undone', eventId: over.id });
    expect(await booked(stop, roll)).toEqual({ lines: 2, cm2: 0 });
    await tell({ kind: 'poured-in', stepId: 'fix' });
    await tell({ kind: 'finished' });
    expect(await booked(stop, roll)).toEqual({ lines: 3, cm2: twoRolls });
    expect(await booked(fixer, roll)).toEqual({ lines: 1, cm2: twoRolls });
  });

  it('what somebody took back by hand is not booked again; a bath that is gone books nothing', async () => {
    const roll = await newRun();
    const { tell } = sender(roll);
    await tell({ kind: 'poured-in', stepId: 'developer' });
    await tell({ kind: 'poured-in', stepId: 'stop' });
    await shelfStores.baths.remove(fixer, (await shelfStores.baths.find(fixer))!.version);
    await tell({ kind: 'poured-in', stepId: 'fix' });
    await tell({ kind: 'finished' });
    expect(await booked(fixer, roll)).toEqual({ lines: 0, cm2: 0 });
    const line = (await ledger(stop)).find(({ of }) => of?.id === roll)!;
    await addEntry(stop, {
      ...{ id: randomUUID(), corrects: line.id },
      entry: { kind: 'film', atMs: 1_768_600_000_000, areaCm2: -twoRolls },
    });
    await tell({ kind: 'note', text: 'It was the other stop.' });
    expect(await booked(stop, roll)).toEqual({ lines: 2, cm2: 0 });
  });
});

describe('what is put right afterwards', () => {
  const put = (handler: Parameters<typeof call>[0], id: string, body: object, version: number) =>
    call(handler, { params: { id }, body, headers: { 'if-match': `"${version}"` } });

  it('about a run that is over: how many films, and in which bath', async () => {
    const roll = randomUUID();
    const bodyWith = (count: number, fix: string) => ({
      ...rollExample,
      baths: {
        load: [{ format: 'small-36', count }],
        baths: [{ place: 'fix', id: fix, name: 'The fixer' }],
      },
    });
    await call(PUT_ROLL, { params: { id: roll }, body: bodyWith(1, fixer) });
    const tell = (told: object, atMs: number) => {
      const id = randomUUID();
      const body = { id, atMs, ...told };
      return call(PUT_EVENT, { params: { id: roll, event: id }, body });
    };
    await tell({ kind: 'poured-in', stepId: 'developer' }, 1_768_500_100_000);
    await tell({ kind: 'poured-in', stepId: 'fix' }, 1_768_500_700_000);
    await tell({ kind: 'finished' }, 1_768_501_000_000);
    expect(await booked(fixer, roll)).toEqual({ lines: 1, cm2: ROLL_EQUIVALENT_CM2 });
    expect((await put(PUT_ROLL, roll, bodyWith(3, fixer), 1)).status).toBe(200);
    expect(await booked(fixer, roll)).toEqual({ lines: 3, cm2: 3 * ROLL_EQUIVALENT_CM2 });
    // The same again changes nothing.
    await put(PUT_ROLL, roll, bodyWith(3, fixer), 2);
    expect((await booked(fixer, roll)).lines).toBe(3);
    const other = randomUUID();
    await shelfStores.baths.put(other, {
      ...{ name: 'Another fixer', use: 'fixer', mixedAtMs: 1, volumeMl: 1000, tests: [] },
    });
    await put(PUT_ROLL, roll, bodyWith(3, other), 2);
    expect((await booked(fixer, roll)).cm2).toBe(0);
    expect(await booked(other, roll)).toEqual({ lines: 1, cm2: 3 * ROLL_EQUIVALENT_CM2 });
  });

  it('about a sheet: its size, and that it was none', async () => {
    const [print, sheetId] = [randomUUID(), randomUUID()];
    const bodyWith = (widthCm: number, heightCm: number) => ({
      ...printExample,
      strips: [],
      sheets: [
        {
          ...printExample.sheets[0]!,
          id: sheetId,
          baths: {
            ...{ widthCm, heightCm },
            baths: [{ place: 'print-fix', id: fixer, name: 'The fixer' }],
          },
        },
      ],
    });
    await call(PUT_PRINT, { params: { id: print }, body: bodyWith(20, 25) });
    expect(await booked(fixer, print)).toEqual({ lines: 1, cm2: 500 });
    await put(PUT_PRINT, print, bodyWith(40, 50), 1);
    expect(await booked(fixer, print)).toEqual({ lines: 3, cm2: 2000 });
    await put(PUT_PRINT, print, { ...bodyWith(40, 50), sheets: [] }, 2);
    expect(await booked(fixer, print)).toEqual({ lines: 4, cm2: 0 });
  });
});

describe('a sheet is booked on the baths it went through', () => {
  const area = 20.3 * 25.4;
  const sheetOf = (sheetId: string): PrintBody['sheets'][number] => ({
    ...printExample.sheets[0]!,
    id: sheetId,
    baths: {
      ...{ widthCm: 20.3, heightCm: 25.4 },
      baths: [
        { place: 'print-developer', id: developer, name: 'The developer' },
        { place: 'print-fix', id: fixer, name: 'The fixer' },
      ],
    },
  });
  const tray = (sheet: string, event: object) => {
    const id = randomUUID();
    const body = { id, atMs: 1_768_600_100_000, ...event };
    return call(PUT_TRAY, { params: { id: sheet, event: id }, body });
  };

  it('when it came out of the last tray, once, its record sent before or after', async () => {
    const [print, sheet] = [randomUUID(), randomUUID()];
    const body = { ...printExample, strips: [], sheets: [sheetOf(sheet)] };
    await tray(sheet, { kind: 'poured-in', stepId: 'print-developer' });
    await tray(sheet, { kind: 'poured-in', stepId: 'print-short-fix' });
    await call(PUT_PRINT, { params: { id: print }, body });
    expect(await booked(developer, print)).toEqual({ lines: 0, cm2: 0 });
    await tray(sheet, { kind: 'poured-in', stepId: 'print-fix' });
    await tray(sheet, { kind: 'finished' });
    await call(PUT_PRINT, { params: { id: print }, body });
    for (const bath of [developer, fixer]) {
      const { lines, cm2 } = await booked(bath, print);
      expect(lines).toBe(1);
      expect(cm2).toBeCloseTo(area, 6);
    }
  });

  it('one that nobody followed through the trays, when the print is made', async () => {
    const [print, sheet] = [randomUUID(), randomUUID()];
    const { draft } = inHandExample;
    const { versions } = printExample;
    const keep = (state: 'in-hand' | 'made', headers = {}) =>
      call(PUT_IN_HAND, {
        params: { id: print },
        headers,
        body: {
          ...inHandExample,
          ...{ state, draft: { ...draft, versions, sheets: [sheetOf(sheet)] } },
        },
      });
    const { etag } = await keep('in-hand');
    expect(await booked(developer, print)).toEqual({ lines: 0, cm2: 0 });
    await keep('made', { 'if-match': etag! });
    await keep('made', { 'if-match': etag! });
    // Its strip went through the same trays before: a quarter of a sheet.
    expect((await booked(developer, print)).lines).toBe(2);
    expect((await booked(fixer, print)).cm2).toBeCloseTo(1.25 * area, 6);
  });

  it('one that nobody followed, when its print is taken off the bench', async () => {
    const [print, sheet] = [randomUUID(), randomUUID()];
    const draft = { ...inHandExample.draft, versions: printExample.versions };
    const keep = (headers = {}) =>
      call(PUT_IN_HAND, {
        ...{ params: { id: print }, headers },
        body: { ...inHandExample, draft: { ...draft, sheets: [sheetOf(sheet)] } },
      });
    const { etag } = await keep();
    expect((await booked(fixer, print)).cm2).toBe(0);
    const taken = { params: { id: print }, headers: { 'if-match': etag! } };
    expect((await call(DELETE_IN_HAND, taken)).status).toBe(200);
    expect((await booked(fixer, print)).cm2).toBeCloseTo(1.25 * area, 6);
    // Put back on the bench it waits again.
    await keep();
    expect((await booked(fixer, print)).cm2).toBeCloseTo(0, 6);
  });

  it('the strips of a print with it, each a quarter of a sheet, through developer and short fix', async () => {
    const [print, sheet] = [randomUUID(), randomUUID()];
    const [strip] = printExample.strips;
    const body = { ...printExample, strips: [strip!, strip!, strip!], sheets: [sheetOf(sheet)] };
    await call(PUT_PRINT, { params: { id: print }, body });
    expect((await booked(fixer, print)).cm2).toBeCloseTo(1.75 * area, 6);
    const entry = (await ledger(fixer)).find(
      ({ of }) => of?.id === print && of.kind === 'print-strips',
    );
    expect(entry).toMatchObject({ of: { id: print }, sheets: { count: 3, widthCm: 5.075 } });
    // A strip that is taken off the record comes off the bath.
    const headers = { 'if-match': '"1"' };
    await call(PUT_PRINT, { params: { id: print }, headers, body: { ...body, strips: [strip!] } });
    expect((await booked(fixer, print)).cm2).toBeCloseTo(1.25 * area, 6);
  });
});

describe('what a print took besides its sheets', () => {
  const sheetOn = (id: string) => ({
    ...printExample.sheets[0]!,
    id,
    baths: {
      ...{ widthCm: 20, heightCm: 24 },
      baths: [
        { place: 'print-developer' as const, id: developer, name: 'The developer' },
        { place: 'print-fix' as const, id: fixer, name: 'The fixer' },
      ],
    },
  });
  const whole = 20 * 24;

  it('strips that were not read and test pieces, a quarter and an eighth of a sheet each', async () => {
    const print = randomUUID();
    const body: PrintBody = {
      ...{ ...printExample, strips: [], sheets: [sheetOn(randomUUID())] },
      testPaper: { strips: 2, pieces: 3 },
    };
    await call(PUT_PRINT, { params: { id: print }, body });
    const lines = (await ledger(developer)).filter(({ of }) => of?.id === print);
    const told = lines.map(({ of, sheets, entry }) =>
      [of!.kind, sheets!.count, 'areaCm2' in entry ? entry.areaCm2 : 0].join(' '),
    );
    expect(told.toSorted()).toEqual([
      `print 1 ${whole}`,
      `print-pieces 3 ${(3 * whole) / 8}`,
      `print-strips 2 ${whole / 2}`,
    ]);
  });

  it('a dark print tires the bath more than its area says, by its picture; a light one less', async () => {
    const flat = async (code: number) => {
      const id = randomUUID();
      // A white rim, so that the picture itself says what paper white is.
      const file = await sharp({
        create: { width: 400, height: 300, channels: 3, background: { r: 240, g: 240, b: 240 } },
      })
        .composite([
          {
            input: {
              create: {
                ...{ width: 390, height: 290, channels: 3 as const },
                background: { r: code, g: code, b: code },
              },
            },
          },
        ])
        .png()
        .toBuffer();
      await pictures.put(id, file);
      return { id, of: 'print' as const, width: 400, height: 300, whiteCode: 240, range: 100 };
    };
    const areaOf = async (code: number) => {
      const print = randomUUID();
      const body: PrintBody = {
        ...{ ...printExample, strips: [], sheets: [sheetOn(randomUUID())] },
        picture: await flat(code),
      };
      await call(PUT_PRINT, { params: { id: print }, body });
      return { ...(await booked(fixer, print)), print };
    };
    // Codes of 0.9 and 0.3 above white: 240 is 0.871 of full light, a tenth of a unit is 10^-0.1 of that.
    const [dark, light] = [await areaOf(92), await areaOf(176)];
    expect(dark.cm2 / light.cm2).toBeGreaterThan(1.8);
    expect(dark.cm2 / light.cm2).toBeLessThan(2.2);
    expect(dark.cm2).toBeCloseTo(1.3 * whole, 6);
    const line = (await ledger(fixer)).find(({ of }) => of?.id === dark.print)!;
    expect(wentWords(line)).toBe('1 × 20 × 24 cm, dark: counts 1.3 times');
  });
});

describe('paper beside a print of its own', () => {
  const through = (widthCm: number, heightCm: number) => ({
    ...{ widthCm, heightCm },
    baths: [{ place: 'print-fix' as const, id: fixer, name: 'The fixer' }],
  });

  it('a proof is booked with its roll’s record, and comes off with it', async () => {
    const [roll, sheet] = [randomUUID(), randomUUID()];
    const made = {
      ...{ id: sheet, exposedAtMs: 1_768_600_000_000, firings: [], setup: findingExample.setup },
      baths: through(20, 25),
    };
    await shelfStores.proofs.put(roll, { ...proofExample, sheets: [made] });
    expect(await booked(fixer, roll)).toEqual({ lines: 1, cm2: 500 });
    await shelfStores.proofs.put(roll, { ...proofExample, sheets: [] }, 1);
    expect(await booked(fixer, roll)).toEqual({ lines: 2, cm2: 0 });
  });

  it('the strips that a proof took are booked with it, once, and go with it', async () => {
    const [roll, sheet] = [randomUUID(), randomUUID()];
    const made = {
      ...{ id: sheet, exposedAtMs: 1_768_600_000_000, firings: [], setup: findingExample.setup },
      ...{ strips: 2, baths: through(20, 25) },
    };
    await shelfStores.proofs.put(roll, { ...proofExample, sheets: [made] });
    expect(await booked(fixer, roll)).toEqual({ lines: 2, cm2: 500 + 250 });
    await shelfStores.proofs.put(roll, { ...proofExample, name: 'N', sheets: [made] }, 1);
    expect((await booked(fixer, roll)).lines).toBe(2);
    const onSmaller = { ...made, baths: through(10, 25) };
    await shelfStores.proofs.put(roll, { ...proofExample, sheets: [onSmaller] }, 2);
    expect((await booked(fixer, roll)).cm2).toBe(250 + 125);
    await shelfStores.proofs.put(roll, { ...proofExample, sheets: [] }, 3);
    expect((await booked(fixer, roll)).cm2).toBe(0);
  });

  it('a sheet of two negatives once both are on it, its grid at once', async () => {
    const print = randomUUID();
    const exposure = () => ({ id: randomUUID(), atMs: 1_768_600_000_000, firings: [] });
    const grid = {
      ...{ id: randomUUID(), atMs: 1, aSeconds: [4, 8], bSeconds: [4, 8, 16] },
      baths: through(10, 25),
    };
    const a = { number: 1, a: exposure() };
    const waiting = { ...twoNegativesExample, tests: [grid], sheets: [a] };
    await shelfStores['two-negatives'].put(print, waiting);
    expect(await booked(fixer, print)).toEqual({ lines: 1, cm2: 250 });
    const both = { ...waiting, sheets: [{ ...a, b: exposure(), baths: through(20, 25) }] };
    await shelfStores['two-negatives'].put(print, both, 1);
    expect(await booked(fixer, print)).toEqual({ lines: 2, cm2: 750 });
    // Heard twice it is there once.
    await shelfStores['two-negatives'].put(print, both, 1);
    expect((await booked(fixer, print)).lines).toBe(2);
    await shelfStores['two-negatives'].put(print, { ...both, sheets: [a] }, 2);
    expect((await booked(fixer, print)).cm2).toBe(250);
  });
});
