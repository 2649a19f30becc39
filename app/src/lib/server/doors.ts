import { problem } from './problem/response.ts';

const LOOPBACK = ['127.0.0.1', 'localhost', '[::1]'];
const SAFE = ['GET', 'HEAD', 'OPTIONS'];

/** Hosts that a request may be for: loopback, and what HOST says. A foreign name that resolves here is none of them. */
function hostAllowed(hostname: string): boolean {
  const told = process.env.HOST;
  if (told === '0.0.0.0' || told === '::') return true;
  return LOOPBACK.includes(hostname) || hostname === told || hostname === `[${told}]`;
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

export const securityHeaders: Readonly<Record<string, string>> = {
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'no-referrer',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'permissions-policy': 'camera=(), microphone=(), geolocation=()',
};
