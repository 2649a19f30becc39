import compression from 'compression';
import { createServer } from 'node:http';

/**
 * The built application behind a door of ours: every answer has the same headers, slow and idle connections are closed,
 * and an end is an end. Run by serve.mjs; it ends with its standard input.
 */

/** On every answer: pages, files, the interface, refusals. */
const HEADERS = {
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'no-referrer',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'permissions-policy': 'camera=(), microphone=(), geolocation=()',
};
/** Somebody who takes longer than this to say what is wanted is not a photographer, ms. */
const HEAD_MS = 10_000;
/** For a whole request with its body, ms: a scan comes slowly from a phone in a cellar. */
const REQUEST_MS = 120_000;
/** What is under way gets this long at the end, ms. */
const LAST_MS = 800;
/** For saying goodbye to the database, ms. */
const GOODBYE_MS = 500;

/** @type {import('node:http').Server | undefined} */
let server;
let ending = false;
async function end() {
  if (ending) return;
  ending = true;
  const open = server;
  if (!open) process.exit(0);
  const closed = new Promise((resolve) => open.close(resolve));
  open.closeIdleConnections();
  setTimeout(() => open.closeAllConnections(), LAST_MS).unref();
  await closed;
  /** @type {Promise<unknown>[]} */
  const goodbyes = [];
  process.emit(/** @type {any} */ ('katachron:end'), /** @type {any} */ (goodbyes));
  await Promise.race([
    Promise.all(goodbyes),
    new Promise((resolve) => setTimeout(resolve, GOODBYE_MS)),
  ]);
  process.exit(0);
}
// Listened for before anything is loaded: an end may be asked for in the first moment.
process.on('SIGTERM', end).on('SIGINT', end).on('SIGHUP', end);
process.stdin.on('end', end).on('error', end).resume();
for (const stream of [process.stdout, process.stderr]) stream.on('error', () => undefined);

// Built code has no types; it is found at run time.
const built = new URL('../app/build/handler.js', import.meta.url).href;
const { handler } = await import(built);
const compress = compression();
server = createServer(
  {
    headersTimeout: HEAD_MS,
    requestTimeout: REQUEST_MS,
    keepAliveTimeout: 5000,
    connectionsCheckingInterval: 2000,
  },
  (request, response) => {
    for (const [name, value] of Object.entries(HEADERS)) response.setHeader(name, value);
    compress(
      /** @type {import('express').Request} */ (request),
      /** @type {import('express').Response} */ (response),
      () =>
        handler(request, response, () => {
          response.statusCode = 404;
          response.end();
        }),
    );
  },
);

const { PORT, HOST } = process.env;
server.on('error', (cause) => {
  const { code } = /** @type {NodeJS.ErrnoException} */ (cause);
  console.error(
    code === 'EADDRINUSE'
      ? `Port ${PORT} on ${HOST} is taken. Choose another one with PORT=….`
      : `HOST is ${HOST}; it has to be an address of this machine, such as 127.0.0.1.`,
  );
  process.exit(3);
});
server.listen(Number(PORT), HOST);
