import { isIP } from 'node:net';
import { hostname as machineName } from 'node:os';
import { problem } from './problem/response.ts';

const LOOPBACK = ['127.0.0.1', 'localhost', '[::1]'];
/** What HOST says when every address of the machine is meant. */
const ANYWHERE = ['0.0.0.0', '::', '[::]'];
const SAFE = ['GET', 'HEAD', 'OPTIONS'];

/**
 * Hosts that a request may be for: loopback, and where it was opened to the network the machine by its number or its own
 * name. A foreign name that resolves here is none of them.
 */
function hostAllowed(hostname: string): boolean {
  if (LOOPBACK.includes(hostname)) return true;
  const told = process.env.HOST ?? '';
  if (hostname === told || hostname === `[${told}]`) return ![...ANYWHERE, ''].includes(hostname);
  if (!ANYWHERE.includes(told)) return false;
  const name = machineName().toLowerCase();
  const numbered = isIP(hostname.replace(/^\[|\]$/g, '')) !== 0;
  return numbered ? !ANYWHERE.includes(hostname) : [name, `${name}.local`].includes(hostname);
}

/**
 * Refuses what another site could make this browser send here.
 * @returns the refusal, or undefined when the request may come in
 */
export function refuseForeign(request: Request): Response | undefined {
  const host = request.headers.get('host');
  const hostname = host && URL.canParse(`http://${host}`) ? new URL(`http://${host}`).hostname : '';
  if (!hostAllowed(hostname)) {
    return problem(
      403,
      'Not for this address',
      'Katachron answers to 127.0.0.1 and localhost only.',
    );
  }
  if (SAFE.includes(request.method)) return undefined;
  const origin = request.headers.get('origin');
  const foreign = origin !== null && (!URL.canParse(origin) || new URL(origin).host !== host);
  if (foreign || request.headers.get('sec-fetch-site') === 'cross-site') {
    return problem(403, 'Another site', 'Writing is allowed from Katachron’s own pages only.');
  }
  return undefined;
}
