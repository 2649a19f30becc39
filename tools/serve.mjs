import { spawn } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { interrupt } from './interrupt.mjs';
import { wait } from './run.mjs';
import { Interrupted, Stop } from './say.mjs';

/** A picture may be as large as this; all else the application holds to far less. */
const BODY_LIMIT = '151M';
/** The server's exit code when it has said in a sentence why it cannot start. */
const TOLD_WHY = 3;
const LISTEN = fileURLToPath(new URL('./listen.mjs', import.meta.url));

/**
 * @typedef {object} Server
 * @property {string} address
 * @property {number} pid
 * @property {Promise<number>} ended resolves with the exit code
 * @property {() => Promise<void>} stop
 */

/**
 * Runs the built application as a process of its own. It ends when this one does: its standard input is a pipe from here.
 * @param {NodeJS.ProcessEnv} env
 */
function application(env) {
  const child = spawn(process.execPath, [LISTEN], {
    stdio: ['pipe', 'inherit', 'inherit'],
    // Its own group: Ctrl-C reaches this command alone, which then stops the server and the database in that order.
    detached: true,
    env: { ...process.env, NODE_ENV: 'production', ...env },
  });
  child.stdin.on('error', () => undefined);
  /** @type {Promise<number>} */
  const ended = new Promise((resolve) => child.on('close', (code) => resolve(code ?? 1)));
  return { child, ended };
}

/**
 * Starts the built application and waits until it answers.
 * @param {{ port: number, host: string, databaseUrl: string, demo: boolean }} settings
 * @returns {Promise<Server>}
 */
export async function serve({ port, host, databaseUrl, demo }) {
  const named = host.includes(':') ? `[${host}]` : host;
  const address = `http://${['0.0.0.0', '::'].includes(host) ? '127.0.0.1' : named}:${port}`;
  const { child, ended } = application({
    PORT: String(port),
    HOST: host,
    ORIGIN: address,
    DATABASE_URL: databaseUrl,
    KATACHRON_DEMO: demo ? '1' : '',
    BODY_SIZE_LIMIT: BODY_LIMIT,
  });
  const stop = async () => {
    child.kill('SIGTERM');
    await ended;
  };
  let over = false;
  void ended.then(() => (over = true));
  for (let turn = 0; turn < 600 && !over; turn += 1) {
    const answer = await fetch(`${address}/api/health`).catch(() => undefined);
    if (answer?.ok) return { address, pid: child.pid ?? 0, ended, stop };
    if (interrupt.aborted) {
      await stop();
      throw new Interrupted();
    }
    await wait(50);
  }
  if (!over) await stop();
  const told = (await ended) === TOLD_WHY;
  throw new Stop(told ? '' : 'The server did not start; the reason is above.');
}

/**
 * Brings a database to the newest shape and nothing else.
 * @param {string} databaseUrl
 * @returns {Promise<boolean>}
 */
export async function migrateOnly(databaseUrl) {
  const { ended } = application({ DATABASE_URL: databaseUrl, KATACHRON_MIGRATE_ONLY: '1' });
  return (await ended) === 0;
}
