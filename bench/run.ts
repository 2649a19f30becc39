import pg from 'pg';
import {
  EYE_STOPS,
  advisePrint,
  beginBelief,
  certainties,
  seePick,
  defaultPaper,
  contrastSet,
  driftedEnd,
  filmTime,
  readStrip,
  solveContrast,
  type FilmRecipe,
} from '../core/src/index.ts';
import { rollExample } from '../app/src/lib/nouns/roll/contract.ts';
import { freePort } from '../tools/port.mjs';
import { serve } from '../tools/serve.mjs';
import { needChromium } from '../tools/packages.mjs';
import { report } from './printer/report.ts';
import { largeLogbook } from './logbook.ts';
import { rulerDrag } from './ruler.ts';
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
const believed = beginBelief({
  paper: defaultPaper,
  set: contrastSet('filters'),
  highlightDensity: 0.1,
  shadowDensity: 1.72,
  guessSeconds: 10,
  guessWithinStops: 3,
  lagSeconds: 0.2,
  lagWithinSeconds: 0.2,
  speedWithinStops: 0.25,
  rangeWithinShare: 0.08,
});
const patches = [5, 6.3, 7.9, 10, 12.6, 15.9, 20].map((dialSeconds) => ({
  dialSeconds,
  firings: 1,
}));
line(
  'two looks at a strip, and the advice',
  rate((turn) => {
    const look = { settingId: '2', patches, position: 2 + (turn % 5) / 2 };
    const one = seePick(believed, { ...look, place: 'highlight' }, EYE_STOPS);
    return advisePrint(seePick(one, { ...look, place: 'shadow' }, EYE_STOPS), certainties[1]);
  }),
  empty,
  'an empty loop',
);
line(
  'strip reading with its bracket',
  rate(
    (turn) =>
      readStrip(defaultPaper, {
        patchSeconds: [5, 6.3, 7.94, 10, 12.6, 15.87, 20],
        set: contrastSet('filters'),
        settingId: '2',
        highlight: { position: 2 + (turn % 3), netDensity: 0.1 },
        shadow: { position: 3, netDensity: 1.72 },
        wantedStops: 1 / 6,
      }).seconds,
  ),
  empty,
  'an empty loop',
);

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
  await rulerDrag(server.address, await needChromium());
} finally {
  await client.end();
  await server.stop();
  await cluster.remove();
}

report(DARKROOMS, Number(process.env.SEED ?? 1));
