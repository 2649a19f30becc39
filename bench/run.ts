import pg from 'pg';
import {
  certainties,
  defaultPaper,
  contrastSet,
  driftedEnd,
  filmTime,
  lightOfPrint,
  planField,
  planned,
  printTable,
  readPrint,
  solveContrast,
  type EarlierPrint,
  type FilmRecipe,
  type PrintSession,
  type SessionStrip,
} from '../core/src/index.ts';
import { rollExample } from '../app/src/lib/nouns/roll/contract.ts';
import { freePort } from '../tools/port.mjs';
import { serve } from '../tools/serve.mjs';
import { needChromium } from '../tools/packages.mjs';
import { report } from './printer/report.ts';
import { largeLogbook } from './logbook.ts';
import { decoding } from './decode.ts';
import { drags } from './drags.ts';
import { keys } from './keys.ts';
import { throwawayCluster } from '../tools/test.mjs';

/**
 * Prints ratios measured in one run on one machine: each calculation against an empty loop, each page against a bare
 * answer of Node's own server, each query against a bare query.
 */
const SPAN_MS = 700;

/** How often something can be done in a second, after a warm-up. */
function rate(work: (turn: number) => unknown): number {
  let kept: unknown;
  for (let turn = 0; turn < 200; turn += 1) kept = work(turn);
  let done = 0;
  const start = performance.now();
  while (performance.now() - start < SPAN_MS) {
    for (let turn = 0; turn < 50; turn += 1) kept = work(turn);
    done += 50;
  }
  if (kept === Symbol.for('never')) throw new Error('unreachable');
  return (done * 1000) / (performance.now() - start);
}

const shown = (value: number) =>
  value >= 100 ? Math.round(value).toLocaleString('en') : value.toPrecision(3);

function line(what: string, perSecond: number, bare: number, against: string): void {
  const each = 1000 / perSecond;
  console.log(
    `${what.padEnd(44)}${shown(perSecond).padStart(12)} a second  ${each.toFixed(4).padStart(9)} ms  1 : ${shown(bare / perSecond)} against ${against}`,
  );
}

/** Darkrooms that the simulated printer works in; another seed with SEED=2. */
const DARKROOMS = 1000;

const recipe: FilmRecipe = rollExample.recipe;
const empty = rate((turn) => turn * 2);
console.log('Core, one thread');
line(
  'film time',
  rate((turn) => filmTime(recipe, 18 + (turn % 60) / 10).seconds),
  empty,
  'an empty loop',
);
line(
  'end of a development that drifts',
  rate((turn) =>
    driftedEnd({
      recipe,
      factor: 1,
      readings: [{ seconds: 0, temperatureC: 19 + (turn % 20) / 10 }],
      drift: { ambientC: 16, timeConstantSeconds: 1800 },
    }),
  ),
  empty,
  'an empty loop',
);
line(
  'contrast answer',
  rate(
    (turn) =>
      solveContrast(defaultPaper, {
        range: 100 + (turn % 20),
        highlightSeconds: 10,
        shadowSeconds: 12 + (turn % 7),
        highlightDensity: 0.1,
        shadowDensity: 1.72,
      }).range,
  ),
  empty,
  'an empty loop',
);
const lamp = { lagSeconds: 0, timerStepSeconds: 0.1 };
const strips = (turn: number, made: number): SessionStrip[] =>
  Array.from({ length: made }, (_, index) => ({
    settingId: index % 2 === 0 ? '2' : '2.5',
    choices: { kind: 'stops', method: 'cover-up', firstSeconds: 5, step: 1 / 3, patches: 7 },
    lamp,
    highlight: 2 + ((turn + index) % 3) / 2,
    shadow: 3,
  }));
const session = (
  turn: number,
  made: number,
  earlier: readonly EarlierPrint[] = [],
): PrintSession => ({
  ...{ paper: defaultPaper, set: contrastSet('filters'), lamp, earlier },
  ...{ highlightDensity: 0.1, shadowDensity: 1.72, wanted: certainties[1], mostParts: 2 },
  strips: strips(turn, made),
});
for (const made of [1, 3, 10]) {
  line(
    `a print read, ${made} ${made === 1 ? 'strip' : 'strips'}`,
    rate((turn) => readPrint(session(turn, made)).seconds),
    empty,
    'an empty loop',
  );
}
const taught = Array.from({ length: 10 }, (_, turn): EarlierPrint => ({
  ...{ highlightDensity: 0.1, shadowDensity: 1.72, lamp },
  strips: strips(turn, 3),
}));
line(
  'the same with what ten prints have taught',
  rate((turn) => readPrint(session(turn, 2, taught)).seconds),
  empty,
  'an empty loop',
);

const pixels = 1_000_000;
const codes = Uint8Array.from({ length: pixels }, (_, at) => (at * 7919) % 256);
const field = planField(
  [{ shape: { kind: 'ellipse', x: 0.5, y: 0.5, rx: 0.3, ry: 0.2 }, stops: 0.5, soft: 0.1 }],
  1000,
  1000,
);
const table = printTable(defaultPaper, 100, lightOfPrint(defaultPaper, 100, 240), 240);
/** As fast as any picture can be changed: one code after another looked up in a row of 256. */
function lookedUp(row: Uint8Array): Uint8Array {
  const out = new Uint8Array(codes.length);
  for (let at = 0; at < codes.length; at += 1) out[at] = row[codes[at]!]!;
  return out;
}
const aRow = table.slice(0, 256);
line(
  'a megapixel through paper and plan',
  rate(() => planned(codes, field, table)[0]),
  rate(() => lookedUp(aRow)[0]),
  'a bare table',
);
await decoding();

const cluster = await throwawayCluster();
const port = (await freePort(0)) ?? 0;
const server = await serve({
  port,
  host: '127.0.0.1',
  databaseUrl: cluster.url,
  demo: true,
});
const client = new pg.Client({ connectionString: cluster.url });
await client.connect();
try {
  await largeLogbook(server.address, client);
  await drags(server.address, await needChromium());
  await keys(server.address, await needChromium());
} finally {
  await client.end();
  await server.stop();
  await cluster.remove();
}

report(DARKROOMS, Number(process.env.SEED ?? 1));
