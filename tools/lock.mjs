import { createHash } from 'node:crypto';
import { realpathSync } from 'node:fs';
import { connect, createServer } from 'node:net';
import { Stop } from './say.mjs';

/**
 * One command at a time has a data folder. The lock is a name that the kernel gives out once and takes back when its holder
 * ends, however it ends, so that none can be left over.
 * @param {string} folder
 */
function nameOf(folder) {
  const name = createHash('sha256').update(realpathSync(folder)).digest('hex').slice(0, 24);
  return `\0katachron-${name}`;
}

/**
 * @typedef {object} Holder
 * @property {number} pid
 * @property {string} does what it does with the folder, in a sentence: "Katachron runs"
 * @property {string} address where it answers, or nothing yet
 */

/**
 * Takes the lock on a data folder for as long as this process lives.
 * @param {string} folder
 * @param {string} does
 * @returns {Promise<{ address: string } | undefined>} what others are told; undefined when somebody has it already
 */
export function holdFolder(folder, does) {
  const told = { pid: process.pid, does, address: '' };
  return new Promise((resolve, reject) => {
    const server = createServer((socket) => {
      socket.on('error', () => undefined).end(JSON.stringify(told));
    });
    server.once('error', (cause) => {
      if (/** @type {NodeJS.ErrnoException} */ (cause).code === 'EADDRINUSE') resolve(undefined);
      else reject(cause);
    });
    server.listen(nameOf(folder), () => {
      server.unref();
      resolve(told);
    });
  });
}

/** Often enough not to be noticed, ms. */
const TURN_MS = 200;

/**
 * Does something in a folder while no other command does: two builds at once would leave a mixture of both.
 * @template Value
 * @param {string} folder
 * @param {() => Promise<Value>} work
 * @returns {Promise<Value>}
 */
export async function inTurn(folder, work) {
  const server = createServer((socket) => socket.on('error', () => undefined).end());
  const taken = () =>
    new Promise((resolve, reject) => {
      server.once('error', (cause) => {
        if (/** @type {NodeJS.ErrnoException} */ (cause).code === 'EADDRINUSE') resolve(true);
        else reject(cause);
      });
      server.listen(nameOf(folder), () => resolve(false));
    });
  while (await taken()) await new Promise((resolve) => setTimeout(resolve, TURN_MS));
  try {
    return await work();
  } finally {
    server.close();
  }
}

/**
 * Who has a data folder now.
 * @param {string} folder
 * @returns {Promise<Holder | undefined>}
 */
export function holderOf(folder) {
  return new Promise((resolve) => {
    let said = '';
    connect(nameOf(folder))
      .on('data', (part) => (said += part))
      .on('error', () => resolve(undefined))
      .on('end', () => {
        try {
          resolve(JSON.parse(said));
        } catch {
          resolve(undefined);
        }
      });
  });
}

/**
 * @param {string} folder
 * @param {Holder | undefined} holder
 */
export function heldBy(folder, holder) {
  const who = holder
    ? `${holder.does} from ${folder} already (process ${holder.pid}${holder.address ? `, ${holder.address}` : ''})`
    : `Another command has ${folder} already`;
  return new Stop(`${who}. It was left alone; stop it first, or choose another KATACHRON_DATA.`);
}
