import { dirname, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { backup, restore } from './backup.mjs';
import { needBuild } from './build.mjs';
import { dataFolder } from './folder.mjs';
import { needModules, needPostgres } from './packages.mjs';
import { freePort } from './port.mjs';
import { startCluster } from './postgres.mjs';
import { Stop, say } from './say.mjs';
import { serve } from './serve.mjs';
import { quickCheck, wholeTest } from './test.mjs';

const project = dirname(dirname(fileURLToPath(import.meta.url)));
const DEFAULT_PORT = '4680';

/** @param {boolean} demo */
async function start(demo) {
  const host = process.env.HOST ?? '127.0.0.1';
  const port = Number(process.env.PORT ?? DEFAULT_PORT);
  if (!Number.isInteger(port) || port < 1 || port > 65_535) {
    throw new Stop(`PORT is ${process.env.PORT}; it has to be a number from 1 to 65535.`);
  }
  if ((await freePort(port, host)) === undefined) {
    throw new Stop(`Port ${port} on ${host} is taken. Choose another one with PORT=….`);
  }
  const folder = dataFolder(project);
  const databaseUrl = process.env.DATABASE_URL;
  const programs = databaseUrl ? '' : await needPostgres();
  await needModules(project);
  needBuild(project);
  const cluster = databaseUrl
    ? { url: databaseUrl, stop: () => undefined }
    : await startCluster(folder, programs);
  try {
    say(demo ? 'Migrating, and loading the demo data.' : 'Migrating.');
    const server = await serve(project, { port, host, databaseUrl: cluster.url, demo });
    say(`Katachron is at ${server.address} (Ctrl-C stops it).`);
    await untilStopped(server);
  } finally {
    cluster.stop();
  }
}

/** @param {import('./serve.mjs').Server} server */
async function untilStopped(server) {
  /** @type {(signal: string) => void} */
  let asked = () => undefined;
  const signal = new Promise((resolve) => (asked = resolve));
  process.on('SIGINT', asked).on('SIGTERM', asked);
  const code = await Promise.race([server.ended, signal]);
  if (typeof code === 'number') throw new Stop(`The server ended by itself (${code}).`);
  say('\nStopping the server and the database.');
  await server.stop();
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
try {
  await command.run(args);
} catch (cause) {
  if (!(cause instanceof Stop)) throw cause;
  if (cause.message) console.error(cause.message);
  process.exit(1);
}
