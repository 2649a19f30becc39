import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { Stop } from './say.mjs';

const BODY_LIMIT = '256K';
/** The server's exit code when it has said in a sentence why it cannot start. */
const TOLD_WHY = 3;

/**
 * @typedef {object} Server
 * @property {string} address
 * @property {Promise<number>} ended resolves with the exit code
 * @property {() => Promise<void>} stop
 */

/**
 * Starts the built application and waits until it answers.
 * @param {string} project
 * @param {{ port: number, host: string, databaseUrl: string, demo: boolean }} settings
 * @returns {Promise<Server>}
 */
export async function serve(project, { port, host, databaseUrl, demo }) {
  const named = host.includes(':') ? `[${host}]` : host;
  const address = `http://${named === '0.0.0.0' ? '127.0.0.1' : named}:${port}`;
  const child = spawn(process.execPath, [join(project, 'app', 'build', 'index.js')], {
    stdio: ['ignore', 'inherit', 'inherit'],
    // Its own group: Ctrl-C reaches this command alone, which then stops the server and the database in that order.
    detached: true,
    env: {
      ...process.env,
      NODE_ENV: 'production',
      PORT: String(port),
      HOST: host,
      ORIGIN: address,
      DATABASE_URL: databaseUrl,
      KATACHRON_DEMO: demo ? '1' : '',
      BODY_SIZE_LIMIT: BODY_LIMIT,
      SHUTDOWN_TIMEOUT: '2',
    },
  });
  /** @type {Promise<number>} */
  const ended = new Promise((resolve) => child.on('close', (code) => resolve(code ?? 1)));
  const stop = async () => {
    child.kill('SIGTERM');
    await ended;
  };
  let over = false;
  void ended.then(() => (over = true));
  for (let turn = 0; turn < 300 && !over; turn += 1) {
    const answer = await fetch(`${address}/api/health`).catch(() => undefined);
    if (answer?.ok) return { address, ended, stop };
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  if (!over) await stop();
  const told = (await ended) === TOLD_WHY;
  throw new Stop(told ? '' : 'The server did not start; the reason is above.');
}
