import { randomUUID } from 'node:crypto';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import Ajv from 'ajv/dist/2020.js';
import { recipeExample, type RecipeBody } from '../../src/lib/nouns/recipe/contract.ts';
import { readRecipes, writeRecipes } from '../../src/lib/nouns/recipe/file/csv.ts';
import { recipeFile } from '../../src/lib/nouns/recipe/file/file.ts';
import { recipeQuestion } from '../../src/lib/nouns/recipe/question.ts';
import { GET as asCsv } from '../../src/routes/api/v1/recipes.csv/+server.ts';
import { GET as asJson } from '../../src/routes/api/v1/recipes.json/+server.ts';
import { GET as listRecipes } from '../../src/routes/api/v1/recipes/+server.ts';
import { POST as bringIn } from '../../src/routes/api/v1/recipes/import/+server.ts';
import { GET as schema } from '../../src/routes/api/v1/recipes/schema.json/+server.ts';
import { call } from './call.ts';
import { readText } from '../../src/lib/kit/read-text.ts';
import { recipes } from '../../src/lib/nouns/recipe/store.server.ts';
import { demoRecipes } from '../../src/lib/server/seeds/recipes.ts';
import { freshDatabase } from './database.ts';

freshDatabase();

const HEAD = 'film,box_speed,developer,dilution,agitation,times,source\r\n';
const csv = { 'content-type': 'text/csv' };
const send = (raw: string, search = '') => call(bringIn, { raw, headers: csv, search });
const storedCount = async () => (await call(listRecipes)).body.recipes.length as number;

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

  /** Recipes as people and programs write them: every field there may be, odd letters, either unit. */
  const seconds = fc.oneof(
    fc.integer({ min: 1, max: 86_400 }),
    fc.double({ min: 0.01, max: 86_400, noNaN: true }),
  );
  const plain = (maxLength: number) =>
    fc
      .string({ minLength: 1, maxLength, unit: 'grapheme' })
      // eslint-disable-next-line no-control-regex -- what the contract refuses is not sent
      .filter((text) => text.isWellFormed() && !/[\u0000-\u0008\u000b-\u001f\u007f]/.test(text))
      .filter((text) => text.length <= maxLength && text.trim() !== '');
  const scheme = fc.record({
    name: plain(80),
    initialSeconds: fc.double({ min: 0, max: 7200, noNaN: true }),
    everySeconds: fc.constantFrom(0, 5, 30, 61.5),
    burstSeconds: fc.double({ min: 0, max: 100, noNaN: true }),
    turns: fc.nat(60),
    continuous: fc.boolean(),
  });
  const agitation = fc.oneof(fc.constantFrom('each-minute' as const, 'rotary' as const), scheme);
  const temperatures = fc.uniqueArray(
    fc.oneof(
      fc.integer({ min: 0, max: 600 }).map((tenths) => tenths / 10),
      fc.integer({ min: 32, max: 140 }).map((fahrenheit) => ((fahrenheit - 32) * 5) / 9),
    ),
    { minLength: 1, maxLength: 4 },
  );
  const randomRecipe: fc.Arbitrary<RecipeBody> = fc
    .record(
      {
        film: plain(80),
        boxSpeed: fc.double({ min: 0.1, max: 1e6, noNaN: true }),
        developer: plain(80),
        dilution: fc.array(fc.double({ min: 0.001, max: 10_000, noNaN: true }), {
          minLength: 1,
          maxLength: 6,
        }),
        exposureIndex: fc.integer({ min: 1, max: 6400 }),
        agitation,
        points: fc
          .tuple(temperatures, seconds)
          .map(([all, first]) =>
            [...all]
              .sort((a, b) => a - b)
              .map((temperatureC, n) => ({ temperatureC, seconds: first * 0.8 ** n })),
          ),
        source: fc.constantFrom('data-sheet', 'own-test', 'guess'),
        note: plain(500),
        minimumMl: fc.double({ min: 0.01, max: 1000, noNaN: true }),
        reuse: fc.oneof(
          fc.constant({ kind: 'one-shot' as const }),
          fc.record({
            kind: fc.constant('batch' as const),
            rolls: fc.integer({ min: 1, max: 100 }),
            percent: fc.double({ min: 0, max: 200, noNaN: true }),
          }),
          fc.record({
            kind: fc.constant('replenish' as const),
            mlPerRoll: fc.double({ min: 0.01, max: 5000, noNaN: true }),
          }),
        ),
        contrast: fc.array(
          fc.record({
            n: fc.integer({ min: -5, max: 5 }),
            percent: fc.double({ min: -90, max: 200, noNaN: true }),
          }),
          { minLength: 1, maxLength: 4 },
        ),
        activationEnergy: fc.double({ min: 10_000, max: 200_000, noNaN: true }),
        clockFactor: fc.double({ min: 0.5, max: 2, noNaN: true }),
        secondBath: fc.record({ seconds, agitation }),
      },
      {
        requiredKeys: [
          ...(['film', 'boxSpeed', 'developer', 'dilution', 'exposureIndex'] as const),
          ...(['agitation', 'points', 'source'] as const),
        ],
      },
    )
    .filter((recipe) => recipe.points.every(({ seconds: long }) => long >= 0.01))
    // A table that is asked about comes in where somebody says that it is meant.
    .map((recipe) => (recipeQuestion(recipe) ? { ...recipe, tableMeant: true } : recipe));
  /** JSON has one zero, and so has the record. */
  const stored = <Value>(value: Value) => JSON.parse(JSON.stringify(value)) as Value;

  it('what goes out comes in again, for a thousand recipes of any kind', () => {
    fc.assert(
      fc.property(fc.array(randomRecipe, { minLength: 1, maxLength: 4 }), (recipes) => {
        const bodies = stored(recipes);
        const { read, problems } = readRecipes(writeRecipes(bodies));
        expect(problems).toEqual([]);
        expect(stored(read.map(({ value }) => value))).toEqual(bodies);
      }),
      { numRuns: 400 },
    );
  });

  it('the demo’s own file is nothing new', async () => {
    for (const { id, body } of demoRecipes) await recipes.put(id, body);
    const file = await (asCsv as () => Promise<Response>)().then((answer) => answer.text());
    const { body } = await send(file);
    expect(body).toMatchObject({ fresh: [], differing: [], problems: [] });
    expect(body.same).toBeGreaterThanOrEqual(demoRecipes.length);
  });

  it('semicolons part cells where they part the names, and Latin-1 is read as such', async () => {
    const file = `${HEAD.replaceAll(',', ';')}Möwe 200;200;Tansy;1+31;each-minute;"20=9,5; 22=7:50";guess\r\n`;
    const { read, problems } = readRecipes(file.replace('9,5', '9:30'));
    expect(problems).toEqual([]);
    expect(read[0]!.value).toMatchObject({ film: 'Möwe 200', points: { length: 2 } });
    const bytes = Uint8Array.from([...'Möwe'].map((letter) => letter.charCodeAt(0)));
    expect(readText(bytes)).toEqual({ text: 'Möwe', latin1: true });
    expect(readText(new TextEncoder().encode('Łódź'))).toEqual({ text: 'Łódź', latin1: false });
  });

  it('what is wrong is said by the names of the file’s own columns', async () => {
    const { body } = await send(
      `${HEAD}Halden 400,0.01,Tansy,1+31,each-minute,20=9:30,guess\r\nHalden 400,400,Tansy,1+31,each-minute,20=fast,guess\r\n`,
    );
    expect(body.problems.map(({ reason }: { reason: string }) => reason)).toEqual([
      'box_speed: The box speed is at least 0.1. The exposure index is at least 0.1.',
      'times: Type a time as 3:30, or as seconds.',
    ]);
  });

  it('a table that slows when warmer is asked about in a file too', async () => {
    const line = 'Halden 25,25,Tansy,1+31,each-minute,20=8:00; 22=9:00,guess';
    const { body } = await send(`${HEAD}${line}\r\n`);
    expect(body.fresh).toEqual([]);
    expect(body.problems[0].reason).toContain('Is one of them mistyped?');
    const meant = await send(`${HEAD.trim()},table_meant\r\n${line},1\r\n`);
    expect(meant.body.fresh).toHaveLength(1);
  });

  it('a recipe is known by what it is: the order of its fields is none, and twice at once is once', async () => {
    const before = await storedCount();
    const line = `${HEAD}Halden 80,80,Tansy,1+31,own 30 60 10 4 0 my way,20=9:30,guess\r\n`;
    await Promise.all([send(line, '?keep'), send(line, '?keep'), send(line, '?keep')]);
    expect(await storedCount()).toBe(before + 1);
    const turned = {
      ...{ continuous: false, turns: 4, burstSeconds: 10, everySeconds: 60, initialSeconds: 30 },
      name: 'my way',
    };
    const [kept] = (await recipes.all()).filter(({ film }) => film === 'Halden 80');
    const { id: _id, version: _version, ...body } = kept!;
    const file = recipeFile([{ ...body, agitation: turned }]);
    const answer = await call(bringIn, { body: file });
    expect(answer.body).toMatchObject({ fresh: [], differing: [], same: 1 });
  });

  it('what it points at in this cupboard stays here, and is kept when its times are replaced', async () => {
    const substanceId = '0b9e3e0a-6c0e-4d58-9d43-2f1f6f2a7c11';
    const id = randomUUID();
    const pointing = { ...recipeExample, film: 'Halden 25', boxSpeed: 25, substanceId };
    await recipes.put(id, pointing);
    const file = recipeFile([pointing]);
    expect(JSON.stringify(file)).not.toContain(substanceId);
    const again = await call(bringIn, { body: file });
    expect(again.body).toMatchObject({ fresh: [], differing: [], same: 1 });
    const [recipe] = file.recipes;
    const other = { ...file, recipes: [{ ...recipe, note: 'Seen again.' }] };
    await call(bringIn, { body: other, search: '?keep&replace' });
    expect(await recipes.find(id)).toMatchObject({ note: 'Seen again.', substanceId });
  });

  it('any text of a note comes back', () => {
    const words = fc.string({ minLength: 1, maxLength: 60 }).map((text) => text.trim());
    fc.assert(
      fc.property(words, (note) => {
        fc.pre(note !== '');
        const [back] = readRecipes(writeRecipes([{ ...recipeExample, note }])).read;
        expect(String(back!.value.note).replace(/\r\n?/g, '\n')).toBe(note.replace(/\r\n?/g, '\n'));
      }),
    );
  });

  it('a preview stores nothing; bringing it in does, and twice changes nothing', async () => {
    const file = `${HEAD}Halden 400,400,Quillow,1+3,each-minute,20=9:30; 22=7:50,data-sheet\r\n`;
    const before = await storedCount();
    const preview = await send(file);
    expect(preview.body).toMatchObject({ same: 0, problems: [], differing: [] });
    expect(preview.body.fresh).toHaveLength(1);
    expect(await storedCount()).toBe(before);
    expect((await send(file, '?keep')).status).toBe(200);
    expect(await storedCount()).toBe(before + 1);
    expect((await send(file, '?keep')).body).toMatchObject({ fresh: [], same: 1 });
    expect(await storedCount()).toBe(before + 1);
  });

  it('another time for the same film stays out unless it is to replace', async () => {
    const line = (time: string) =>
      `${HEAD}Halden 25,25,Tansy,1+15,each-minute,20=${time},own-test\r\n`;
    await send(line('8:00'), '?keep');
    const before = await storedCount();
    const differs = await send(line('8:30'), '?keep');
    expect(differs.body.differing).toMatchObject([{ line: 2, recipe: { film: 'Halden 25' } }]);
    const time = async () =>
      (await call(listRecipes)).body.recipes.find((r: RecipeBody) => r.film === 'Halden 25').points;
    expect(await time()).toEqual([{ temperatureC: 20, seconds: 480 }]);
    await send(line('8:30'), '?keep&replace');
    expect(await time()).toEqual([{ temperatureC: 20, seconds: 510 }]);
    expect(await storedCount()).toBe(before);
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
    for (const { reason } of body.problems) expect(reason).toMatch(/^([a-z_]+: )?[A-Z“].{10,}\.$/s);
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
