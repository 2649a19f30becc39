import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import Ajv from 'ajv/dist/2020.js';
import { recipeExample, type RecipeBody } from '../../src/lib/contract/recipe.ts';
import { readRecipes, writeRecipes } from '../../src/lib/formats/recipes/csv.ts';
import { recipeFile } from '../../src/lib/formats/recipes/file.ts';
import { GET as asCsv } from '../../src/routes/api/v1/recipes.csv/+server.ts';
import { GET as asJson } from '../../src/routes/api/v1/recipes.json/+server.ts';
import { GET as listRecipes } from '../../src/routes/api/v1/recipes/+server.ts';
import { POST as bringIn } from '../../src/routes/api/v1/recipes/import/+server.ts';
import { GET as schema } from '../../src/routes/api/v1/recipes/schema.json/+server.ts';
import { call } from './call.ts';
import { freshDatabase } from './database.ts';

freshDatabase();

const HEAD = 'film,box_speed,developer,dilution,agitation,times,source\r\n';
const csv = { 'content-type': 'text/csv' };
const send = (raw: string, search = '') => call(bringIn, { raw, headers: csv, search });
const stored = async () => (await call(listRecipes)).body.recipes.length as number;

/** A recipe with everything that a recipe can have. */
const full: RecipeBody = {
  ...recipeExample,
  film: '=Sallow, "Ortho"',
  developer: 'Madder',
  dilution: [1, 1, 80],
  agitation: {
    name: 'twice each 90 s',
    initialSeconds: 20,
    everySeconds: 90,
    burstSeconds: 6,
    turns: 2,
    continuous: false,
  },
  points: [{ temperatureC: 20.5, seconds: 400.5 }],
  activationEnergy: 71_000,
  minimumMl: 5,
  reuse: { kind: 'batch', rolls: 5, percent: 12 },
  contrast: [
    { n: -1, percent: -20 },
    { n: 2, percent: 45 },
  ],
  clockFactor: 1.2,
  secondBath: { seconds: 180, agitation: 'rest' },
  source: 'own-test',
  note: 'Two lines,\nthe second.',
};

describe('recipes as CSV', () => {
  it('come back as they went out, formulas and line breaks and all', () => {
    const all = [recipeExample, full, { ...full, reuse: { kind: 'replenish', mlPerRoll: 70 } }];
    const text = writeRecipes(all as RecipeBody[]);
    expect(text).not.toMatch(/^=/m);
    const { read, problems } = readRecipes(text);
    expect(problems).toEqual([]);
    expect(read.map(({ value }) => value)).toEqual(all);
    expect(read.map(({ line }) => line)).toEqual([2, 3, 5]);
  });

  it('any text of a note comes back', () => {
    const words = fc.string({ minLength: 1, maxLength: 60 }).map((text) => text.trim());
    fc.assert(
      fc.property(words, (note) => {
        fc.pre(note !== '' && !note.startsWith("'") && note.split(/\r\n|\n|\r/).length < 18);
        const [back] = readRecipes(writeRecipes([{ ...recipeExample, note }])).read;
        expect(String(back!.value.note).replace(/\r\n?/g, '\n')).toBe(note.replace(/\r\n?/g, '\n'));
      }),
    );
  });

  it('a preview stores nothing; bringing it in does, and twice changes nothing', async () => {
    const file = `${HEAD}Halden 400,400,Quillow,1+3,each-minute,20=9:30; 22=7:50,data-sheet\r\n`;
    const before = await stored();
    const preview = await send(file);
    expect(preview.body).toMatchObject({ same: 0, problems: [], differing: [] });
    expect(preview.body.fresh).toHaveLength(1);
    expect(await stored()).toBe(before);
    expect((await send(file, '?keep')).status).toBe(200);
    expect(await stored()).toBe(before + 1);
    expect((await send(file, '?keep')).body).toMatchObject({ fresh: [], same: 1 });
    expect(await stored()).toBe(before + 1);
  });

  it('another time for the same film stays out unless it is to replace', async () => {
    const line = (time: string) =>
      `${HEAD}Halden 25,25,Tansy,1+15,each-minute,20=${time},own-test\r\n`;
    await send(line('8:00'), '?keep');
    const before = await stored();
    const differs = await send(line('8:30'), '?keep');
    expect(differs.body.differing).toMatchObject([{ line: 2, recipe: { film: 'Halden 25' } }]);
    const time = async () =>
      (await call(listRecipes)).body.recipes.find((r: RecipeBody) => r.film === 'Halden 25').points;
    expect(await time()).toEqual([{ temperatureC: 20, seconds: 480 }]);
    await send(line('8:30'), '?keep&replace');
    expect(await time()).toEqual([{ temperatureC: 20, seconds: 510 }]);
    expect(await stored()).toBe(before);
  });

  it('200 malformed lines give 200 reasons, each with its line, and the good ones still come in', async () => {
    const bad = [
      'Halden 400,400,Tansy,1:31,each-minute,20=9:30,guess',
      'Halden 400,four,Tansy,1+31,each-minute,20=9:30,guess',
      'Halden 400,400,Tansy,1+31,now and then,20=9:30,guess',
      'Halden 400,400,Tansy,1+31,each-minute,20 9:30,guess',
      'Halden 400,400,Tansy,1+31,each-minute,20=9:75,guess',
      'Halden 400,400,Tansy,1+31,each-minute,200=9:30,guess',
      'Halden 400,400,Tansy,1+31,each-minute,20=9:30,heard it',
      ',400,Tansy,1+31,each-minute,20=9:30,guess',
      'Halden 400,400,Tansy,1+31,each-minute,20=9:30,guess,and,more',
      '"Halden 400,400,Tansy,1+31,each-minute,20=9:30,guess',
    ];
    const good = 'Halden 50,50,Tansy,1+31,each-minute,20=9:30,guess';
    const lines = Array.from({ length: 200 }, (_, n) => bad[n % bad.length]!);
    const { status, body } = await send(`${HEAD}${[...lines, good].join('\r\n')}\r\n`);
    expect(status).toBe(200);
    expect(body.problems.map(({ line }: { line: number }) => line)).toEqual(
      Array.from({ length: 200 }, (_, n) => n + 2),
    );
    for (const { reason } of body.problems) expect(reason).toMatch(/^[A-Z“].{10,}\.$/s);
    expect(body.fresh).toMatchObject([{ film: 'Halden 50', exposureIndex: 50 }]);
  });

  it('anything at all is an answer and never our fault', async () => {
    await fc.assert(
      fc.asyncProperty(fc.string({ maxLength: 300, unit: 'binary' }), async (text) => {
        for (const raw of [text, HEAD + text]) {
          expect((await send(raw)).status).toBe(200);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('says which columns it wants, and which it does not know', async () => {
    const none = await send('a,b\r\n1,2\r\n');
    expect(none.body.problems).toMatchObject([{ line: 1 }]);
    expect(none.body.problems[0].reason).toMatch(/names the columns/);
    const odd = await send(
      `${HEAD.trim()},shelf\r\nHalden 50,50,T,1+1,each-minute,20=9,guess,3\r\n`,
    );
    expect(odd.body.problems[0].reason).toMatch(/No column is called “shelf”/);
    expect(odd.body.fresh).toHaveLength(1);
    expect((await send('')).body.problems).toEqual([{ line: 1, reason: 'The file is empty.' }]);
  });

  it('two lines for the same recipe: the second is named', async () => {
    const line = (time: string) => `Halden 6,6,Tansy,1+9,each-minute,20=${time},guess`;
    const file = `${HEAD}${line('5:00')}\r\n${line('5:00')}\r\n${line('6:00')}\r\n`;
    const { body } = await send(file);
    expect(body).toMatchObject({ same: 1, problems: [{ line: 4 }] });
    expect(body.fresh).toHaveLength(1);
  });
});

describe('recipes as JSON', () => {
  it('go out in a file that its own schema accepts, and come in again', async () => {
    const file = await (await (asJson as () => Promise<Response>)()).json();
    const published = await schema().json();
    expect(file.recipes.length).toBeGreaterThan(0);
    const ajv = new Ajv({ strict: false, discriminator: true, formats: { 'plain-text': true } });
    expect(ajv.validate(published, file)).toBe(true);
    expect(ajv.validate(published, { ...file, recipes: [{ film: 'x' }] })).toBe(false);
    const again = await call(bringIn, { body: file, search: '?keep' });
    expect(again.body).toMatchObject({ fresh: [], same: file.recipes.length, problems: [] });
  });

  it('a bad recipe is named by its place and does not shut the others out', async () => {
    const body = { ...recipeFile([]), recipes: [{ ...full, film: '' }, 7, full] };
    const answer = await call(bringIn, { body });
    expect(answer.body.problems).toMatchObject([{ line: 1 }, { line: 2 }]);
    expect(answer.body.fresh).toEqual([full]);
    expect((await call(bringIn, { body: { recipes: [] } })).status).toBe(400);
  });

  it('the CSV download is one that comes in again', async () => {
    const text = await (await (asCsv as () => Promise<Response>)()).text();
    expect((await send(text)).body).toMatchObject({ fresh: [], differing: [], problems: [] });
  });
});
