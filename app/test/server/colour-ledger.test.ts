import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { entriesOf } from '../../src/lib/nouns/bath/entries.server.ts';
import { colourPrintExample, type ColourTest } from '../../src/lib/nouns/colour-print/contract.ts';
import { pictures } from '../../src/lib/nouns/picture/store.server.ts';
import { shelfStores } from '../../src/lib/nouns/shelves.server.ts';
import { colourSample, pictureFile } from '../../src/lib/server/seeds/pictures.ts';
import { freshDatabase } from './database.ts';

freshDatabase();

const developer = {
  ...{ name: 'Colour developer', use: 'colour-developer' as const, mixedAtMs: 0, tests: [] },
  ...{ volumeMl: 1000, paperCm2PerLitre: 8000 },
};

describe('the drum’s baths', () => {
  it('are booked by area for each sheet, once; what is taken back is taken back there', async () => {
    const [bathId, printId] = [randomUUID(), randomUUID()];
    await shelfStores.baths.put(bathId, developer);
    const sheet = (size = 20): ColourTest => ({
      ...{ id: randomUUID(), atMs: 1000, pack: { c: 0, m: 40, y: 60 }, seconds: 10, box: '' },
      baths: {
        ...{ widthCm: size, heightCm: 25 },
        baths: [{ place: 'drum-developer', id: bathId, name: developer.name }],
      },
    });
    const store = shelfStores['colour-prints'];
    const [one, two] = [sheet(), sheet(30)];
    const areas = async () =>
      ((await entriesOf([bathId]))[bathId] ?? [])
        .map(({ entry }) => ('areaCm2' in entry ? entry.areaCm2 : 0))
        .toSorted((a, b) => a - b);
    await store.put(printId, { ...colourPrintExample, tests: [one] });
    expect(await areas()).toEqual([500]);
    await store.put(printId, { ...colourPrintExample, tests: [one, two] }, 1);
    await store.put(printId, { ...colourPrintExample, tests: [one, two], note: 'dry' }, 2);
    expect(await areas()).toEqual([500, 750]);
    await store.put(printId, { ...colourPrintExample, tests: [one] }, 3);
    expect((await areas()).reduce((sum, area) => sum + area, 0)).toBe(500);
    const [first] = (await entriesOf([bathId]))[bathId]!;
    expect(first!.of).toEqual({
      ...{ kind: 'colour-print', id: printId },
      name: colourPrintExample.name,
    });
  });
});

describe('a picture of a colour print', () => {
  it('keeps its colours where they are asked for, and is kept as long as a sheet shows it', async () => {
    const [grey, coloured] = [randomUUID(), randomUUID()];
    await pictures.put(grey, pictureFile(colourSample.name));
    await pictures.put(coloured, pictureFile(colourSample.name), { inColour: true });
    expect(await pictures.colours(grey)).toBeUndefined();
    expect((await pictures.colours(coloured))!.byteLength).toBeGreaterThan(1000);
    const [test] = colourPrintExample.tests;
    await shelfStores['colour-prints'].put(randomUUID(), {
      ...colourPrintExample,
      tests: [{ ...test!, picture: coloured }],
    });
    await pictures.tidy(Date.now() + 400 * 86_400_000);
    expect(await pictures.find(grey)).toBeUndefined();
    expect(await pictures.find(coloured)).toBeDefined();
  });
});
