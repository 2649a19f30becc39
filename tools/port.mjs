import { createServer } from 'node:net';

/**
 * Is a port free on a host? Port 0 asks for any.
 * @param {number} port
 * @param {string} host
 * @returns {Promise<number | undefined>} the port, or nothing when it is taken
 */
export function freePort(port, host = '127.0.0.1') {
  return new Promise((resolve) => {
    const server = createServer();
    server.once('error', () => resolve(undefined));
    server.listen(port, host, () => {
      const address = server.address();
      const found = typeof address === 'object' && address ? address.port : port;
      server.close(() => resolve(found));
    });
  });
}
