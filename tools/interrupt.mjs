/** Ctrl-C, an end asked for by another program, a closed terminal: each stops everything in order, once. */
const SIGNALS = /** @type {const} */ (['SIGINT', 'SIGTERM', 'SIGHUP']);

const asked = new AbortController();

/** Aborted as soon as somebody asks for the end. */
export const interrupt = asked.signal;

/** From here on a signal no longer ends this process by itself: whoever waits is told, and puts away what was begun. */
export function listenForTheEnd() {
  for (const signal of SIGNALS) process.on(signal, () => asked.abort());
  // With its terminal gone there is nobody to tell; that must not end the stopping half-way.
  for (const stream of [process.stdout, process.stderr]) stream.on('error', () => undefined);
}

/** @returns {Promise<void>} resolves when somebody asks for the end */
export function theEnd() {
  return new Promise((resolve) => {
    if (interrupt.aborted) resolve();
    else interrupt.addEventListener('abort', () => resolve(), { once: true });
  });
}
