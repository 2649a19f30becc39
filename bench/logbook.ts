import { createServer, get } from 'node:http';
import type pg from 'pg';
import { printExample } from '../app/src/lib/nouns/print/contract.ts';
import { rollExample } from '../app/src/lib/nouns/roll/contract.ts';

/** So many rolls, and as many prints: a lifetime of several darkrooms. */
const ENTRIES = 100_000;
const TIMES = 100;
/** A backend of PostgreSQL tells what it has read at the latest so long after it fell idle, ms. */
const COUNTED_AFTER_MS = 12_000;
/** The 95th percentile that every page is to keep to, ms. */
const P95_MS = 100;
const LARGE = ['rolls', 'prints', 'run_events'];

/** Fills the logbook, by plain statements: what is measured is reading it. */
async function fill(client: pg.Client): Promise<void> {
  const subjects = ['furnace hall', 'glory hole', 'blowpipes', 'yard in snow', 'annealing oven'];
  const subject = `($2::text[])[1 + n % ${subjects.length}]`;
  await client.query(
    `INSERT INTO rolls (id, version, body, title, words, state, made_at, started_at, finished_at,
       material, setting, seconds)
     SELECT gen_random_uuid(), 1, $1::jsonb || jsonb_build_object('title', title), title,
            'roll ' || title || ' Halden 400 word' || n % 997,
            CASE n % 50 WHEN 0 THEN 'planned' WHEN 1 THEN 'stopped' ELSE 'developed' END,
            to_timestamp(1400000000 + n * 3600), to_timestamp(1400000000 + n * 3600),
            to_timestamp(1400002000 + n * 3600), 'Shelf film ' || n % 17, 'ei:' || 100 * (1 + n % 8), 300 + n % 600
     FROM (SELECT n, 'Shelf R-' || n || ', ' || ${subject} AS title FROM generate_series(1, $3::int) n) made`,
    [JSON.stringify(rollExample), subjects, ENTRIES],
  );
  await client.query(
    `INSERT INTO prints (id, version, body, title, words, made_at, material, setting, size, seconds, strips, tags)
     SELECT gen_random_uuid(), 1, $1::jsonb || jsonb_build_object('title', title), title,
            'print ' || title || ' Marrow fibre word' || n % 997, to_timestamp(1400000000 + n * 3600),
            'Shelf paper ' || n % 23, 'filters:' || n % 6, '20.3x25.4', 5 + n % 60, n % 9,
            CASE n % 40 WHEN 0 THEN ARRAY['tag ' || n % 30] ELSE '{}'::text[] END
     FROM (SELECT n, 'Shelf P-' || n || ', ' || ${subject} AS title FROM generate_series(1, $3::int) n) made`,
    [JSON.stringify(printExample), subjects, ENTRIES],
  );
  const step = (kind: string, later: number, more: string) =>
    `SELECT id, started_at + interval '${later} s' AS at, jsonb_build_object('kind', '${kind}', ${more}) AS rest
     FROM rolls WHERE title COLLATE "C" LIKE 'Shelf R-%'`;
  await client.query(
    `INSERT INTO run_events (id, roll_id, at, body)
     SELECT event, id, at, rest || jsonb_build_object('id', event::text, 'atMs', (extract(epoch FROM at) * 1000)::bigint)
     FROM (SELECT gen_random_uuid() AS event, steps.* FROM (
       ${step('poured-in', 0, "'stepId', 'developer'")} UNION ALL
       ${step('temperature', 60, "'temperatureC', 20.4")} UNION ALL
       ${step('poured-in', 540, "'stepId', 'stop'")} UNION ALL
       ${step('poured-in', 570, "'stepId', 'fix'")}) steps) made`,
  );
  await client.query('ANALYZE');
}

/** Milliseconds of each of many requests, one after another, sorted. */
async function timed(request: () => Promise<unknown>): Promise<number[]> {
  for (let turn = 0; turn < 10; turn += 1) await request();
  const found: number[] = [];
  for (let turn = 0; turn < TIMES; turn += 1) {
    const start = performance.now();
    await request();
    found.push(performance.now() - start);
  }
  return found.sort((a, b) => a - b);
}
const at = (sorted: number[], share: number) => sorted[Math.floor((sorted.length - 1) * share)]!;
const shown = (value: number) => (value >= 100 ? Math.round(value) : value.toPrecision(3));

const fetchText = (url: string) =>
  new Promise<void>((resolve, reject) => {
    get(url, (answer) => {
      answer.resume();
      answer.on('end', () =>
        answer.statusCode === 200 ? resolve() : reject(new Error(`${answer.statusCode} ${url}`)),
      );
    }).on('error', reject);
  });

/** A server that answers a line and nothing else: what the pages are held against. */
async function bareAnswers(): Promise<number[]> {
  const server = createServer((_, answer) => answer.end('<!doctype html><p>bare'));
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const { port } = server.address() as { port: number };
  const found = await timed(() => fetchText(`http://127.0.0.1:${port}/`));
  server.close();
  return found;
}

/** Rows that sequential scans have read of the large tables, as PostgreSQL itself counts them. */
async function readInSequence(client: pg.Client): Promise<Map<string, number>> {
  await new Promise((resolve) => setTimeout(resolve, COUNTED_AFTER_MS));
  const { rows } = await client.query<{ relname: string; seq_tup_read: string }>(
    `SELECT relname, seq_tup_read FROM pg_stat_user_tables WHERE relname = ANY ($1)`,
    [LARGE],
  );
  return new Map(rows.map(({ relname, seq_tup_read }) => [relname, Number(seq_tup_read)]));
}

/** Times every page over a logbook of a lifetime, and says which of them reads a large table from end to end. */
export async function largeLogbook(address: string, client: pg.Client): Promise<void> {
  console.log(
    `\nServer, with ${ENTRIES.toLocaleString('en')} rolls, ${ENTRIES.toLocaleString('en')} prints and ${(4 * ENTRIES).toLocaleString('en')} events: against a bare Node answer / a bare query`,
  );
  const one = async (sql: string) => (await client.query<{ id: string }>(sql)).rows[0]!.id;
  // Of the demo, before the filling.
  const tank = await one('SELECT id FROM tanks LIMIT 1');
  const recipe = await one('SELECT id FROM recipes LIMIT 1');
  const inHand = await one('SELECT id FROM prints_in_hand LIMIT 1');
  const exposed = await one(`SELECT id FROM rolls WHERE state = 'exposed' LIMIT 1`);
  await fill(client);
  const roll = await one(`SELECT id FROM rolls WHERE title COLLATE "C" LIKE 'Shelf R-4213,%'`);
  const print = await one(`SELECT id FROM prints WHERE title COLLATE "C" LIKE 'Shelf P-4213,%'`);
  const bare = at(await bareAnswers(), 0.5);
  const bareQuery = at(await timed(() => client.query('SELECT 1')), 0.5);
  const before = await readInSequence(client);
  const slow: string[] = [];
  for (const path of [
    ...['/film', '/film/rolls', `/film/rolls/${exposed}`, `/film?roll=${exposed}`],
    ...['/film/recipes', `/film/recipes/${recipe}`, `/film?recipe=${recipe}`],
    ...['/film/tanks', `/film/tanks/${tank}`, '/film/clip-test', `/film/run/${roll}`],
    ...['/print', `/print/${inHand}`, '/print/setup', '/print/proof', `/print/proof/${roll}`],
    ...['/logbook', '/logbook?q=furnace+R', '/logbook?q=roll', '/logbook?q=word7'],
    ...['/logbook?q=yard+snow+4213', '/logbook?q=nothing+like+it', '/logbook?q=halden+unheard'],
    ...['/logbook?sort=name', '/logbook?sort=strips', '/logbook?sort=time&order=down&kind=roll'],
    ...['/logbook?on=Shelf+paper+7', '/logbook?on=Shelf+film+3&sort=name&q=furnace'],
    ...['/logbook?setting=filters:3&from=2020-01-01&to=2020-12-31', '/logbook?tag=tag+10'],
    ...[`/logbook/rolls/${roll}`, `/logbook/prints/${print}`],
    ...['/api/v1/rolls', `/api/v1/rolls/${roll}/events`, `/api/v1/runs?also=${roll}`],
    `/api/v1/logbook?after=1500000000000_${print}`,
  ]) {
    const page = await timed(() => fetchText(address + path));
    const name = path.replace(/[0-9a-f]{8}-[-0-9a-f]{27}/, '…');
    const [p50, p95] = [at(page, 0.5), at(page, 0.95)];
    if (p95 > P95_MS) slow.push(name);
    console.log(
      `${name.padEnd(38)} p50 ${p50.toFixed(1).padStart(6)} ms  p95 ${p95.toFixed(1).padStart(6)} ms  1 : ${shown(p50 / bare)} / 1 : ${shown(p50 / bareQuery)}`,
    );
  }
  const after = await readInSequence(client);
  for (const table of LARGE) {
    const rows = after.get(table)! - before.get(table)!;
    console.log(`${table.padEnd(12)} rows read by sequential scans: ${rows.toLocaleString('en')}`);
  }
  console.log(slow.length === 0 ? `p95 under ${P95_MS} ms everywhere` : `slow: ${slow.join(', ')}`);
}
