import { lookup } from 'node:dns/promises';
import { Stop } from './say.mjs';

const LOOPBACK = /^(127\.\d+\.\d+\.\d+|::1)$/;

/**
 * The address to listen on. Anything but loopback opens the darkroom to the network, and nothing protects it there yet.
 * @param {NodeJS.ProcessEnv} env
 * @returns {Promise<string>}
 */
export async function listeningHost(env) {
  const host = env.HOST?.trim() || '127.0.0.1';
  const found = await lookup(host.replace(/^\[|\]$/g, ''), { all: true }).catch(() => []);
  if (found.length === 0) {
    throw new Stop(`HOST is ${host}; it has to be an address of this machine, such as 127.0.0.1.`);
  }
  const open = found.some(({ address }) => !LOOPBACK.test(address));
  if (open && env.KATACHRON_UNPROTECTED !== '1') {
    throw new Stop(
      `HOST=${host} would open Katachron to everybody on the network, and nothing protects it there yet: ` +
        'whoever reaches it can read and change the record. Leave HOST out, or set KATACHRON_UNPROTECTED=1 if that is what you want.',
    );
  }
  return host.replace(/^\[|\]$/g, '');
}
