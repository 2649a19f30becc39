import { dirname, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { backup, restore } from './backup.mjs';
import { needBuild } from './build.mjs';
import { databaseUrl } from './database-url.mjs';
import { dataFolder } from './folder.mjs';
import { listeningHost } from './host.mjs';
import { listenForTheEnd, theEnd } from './interrupt.mjs';
import { heldBy, holdFolder, holderOf } from './lock.mjs';
import { needModules, needPostgres } from './packages.mjs';
import { freePort } from './port.mjs';
import { startCluster } from './postgres.mjs';
import { Interrupted, Stop, say } from './say.mjs';
import { serve } from './serve.mjs';
import { quickCheck, wholeTest } from './test.mjs';

const project = dirname(dirname(fileURLToPath(import.meta.url)));
const DEFAULT_PORT = '4680';
/** What a shell calls a command that was interrupted. */
const INTERRUPTED = 130;

/** A database of somebody's own has no folder to hold and no end that is ours. */
const givenDatabase = (/** @type {string} */ text) => ({
  url: databaseUrl(text),
  ended: new Promise(() => undefined),
  stop: () => Promise.resolve(),
});

/** @param {boolean} demo */
async function start(demo) {
  const host = await listeningHost(process.env);
  const port = Number(process.env.PORT ?? DEFAULT_PORT);
  if (!Number.isInteger(port) || port < 1 || port > 65_535) {
    throw new Stop(`PORT is ${process.env.PORT}; it has to be a number from 1 to 65535.`);
  }
  const given = process.env.DATABASE_URL;
  const folder = await dataFolder(project);
  const held = given ? { address: '' } : await holdFolder(folder, 'Katachron runs');
  if (!held) throw heldBy(folder, await holderOf(folder));
  if ((await freePort(port, host)) === undefined) {
    throw new Stop(`Port ${port} on ${host} is taken. Choose another one with PORT=….`);
  }
  const own = given ? givenDatabase(given) : undefined;
  const programs = given ? '' : await needPostgres();
  await needModules(project);
  await needBuild(project);
  const database = own ?? (await startCluster(folder, programs));
  try {
    say(demo ? 'Migrating, and loading the demo data.' : 'Migrating.');
    const server = await serve({ port, host, databaseUrl: database.url, demo });
    held.address = server.address;
    say(`Katachron is at ${server.address} (Ctrl-C stops it).`);
    await untilStopped(server, database.ended);
  } finally {
    await database.stop();
  }
}

/**
 * @param {import('./serve.mjs').Server} server
 * @param {Promise<unknown>} databaseEnded
 */
async function untilStopped(server, databaseEnded) {
  const why = await Promise.race([
    server.ended.then((code) => `The server ended by itself (${code}).`),
    databaseEnded.then(
      () => 'The database ended by itself. What was confirmed is kept; start again.',
    ),
    theEnd().then(() => undefined),
  ]);
  if (!why) say('\nStopping the server and the database.');
  await server.stop();
  if (why) throw new Stop(why);
}

/** @type {Record<string, { does: string, run: (args: string[]) => Promise<void> }>} */
const commands = {
  demo: { does: 'starts Katachron with demo data', run: () => start(true) },
  start: { does: 'starts Katachron', run: () => start(false) },
  test: { does: 'runs every test', run: () => wholeTest(project) },
  check: { does: 'types, lint, format and unit tests only', run: () => quickCheck(project) },
  backup: {
    does: 'writes everything into FILE',
    run: ([file]) => backup(project, resolve(file ?? 'katachron.dump')),
  },
  restore: {
    does: 'reads everything back from FILE',
    run: ([file]) => restore(project, resolve(file ?? 'katachron.dump')),
  },
};

const [name = '', ...args] = process.argv.slice(2);
const command = commands[name];
if (!command) {
  const list = Object.entries(commands).map(([word, { does }]) => `  ${word.padEnd(9)}${does}`);
  console.error(['Usage: ./katachron COMMAND', ...list].join('\n'));
  process.exit(2);
}
listenForTheEnd();
try {
  await command.run(args);
  process.exit();
} catch (cause) {
  if (cause instanceof Interrupted) process.exit(INTERRUPTED);
  const { code } = /** @type {NodeJS.ErrnoException} */ (cause);
  if (code === 'ENOSPC') console.error('The disk is full. Nothing that was stored is lost.');
  else if (!(cause instanceof Stop)) throw cause;
  else if (cause.message) console.error(cause.message);
  process.exit(1);
}
