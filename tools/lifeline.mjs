import { randomUUID } from 'node:crypto';
import { createServer } from 'node:net';

/**
 * A line to one helper process: it ends when this process does, however that happens.
 * @typedef {object} Lifeline
 * @property {string} name to be handed to the helper; its first sign stands for a zero byte
 * @property {() => boolean} held is the helper there?
 * @property {Promise<void>} dropped resolves when the helper has let go
 * @property {() => void} pull asks the helper to end
 */

/** @returns {Promise<Lifeline>} */
export function lifeline() {
  const name = `katachron-${randomUUID()}`;
  /** @type {import('node:net').Socket | undefined} */
  let helper;
  let held = false;
  /** @type {() => void} */
  let drop = () => undefined;
  const dropped = new Promise((/** @type {(value: void) => void} */ resolve) => (drop = resolve));
  return new Promise((resolve, reject) => {
    const server = createServer((socket) => {
      helper = socket;
      held = true;
      server.close();
      socket
        .on('error', () => undefined)
        .on('close', () => {
          held = false;
          drop();
        });
      socket.resume();
    });
    server.once('error', reject).listen(`\0${name}`, () =>
      resolve({
        name: `@${name}`,
        held: () => held,
        dropped,
        pull: () => {
          server.close();
          if (helper) helper.write('end');
          else drop();
        },
      }),
    );
  });
}
