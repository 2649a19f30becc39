import { describe, expect, it } from 'vitest';
import { refuseForeign } from '../../src/lib/server/doors.ts';

const knock = (method: string, headers: Record<string, string>) =>
  refuseForeign(new Request('http://127.0.0.1:4680/api', { method, headers }))?.status;

describe('who may come in', () => {
  it.each(['127.0.0.1:4680', 'localhost:4680', '[::1]:4680'])('a page of ours at %s', (host) => {
    expect(knock('GET', { host })).toBeUndefined();
    expect(knock('PUT', { host, origin: `http://${host}` })).toBeUndefined();
  });

  it('a program without an origin', () => {
    expect(knock('PUT', { host: '127.0.0.1:4680' })).toBeUndefined();
  });

  it('no foreign name that resolves to this machine', () => {
    expect(knock('GET', { host: 'rebound.example' })).toBe(403);
    expect(knock('GET', {})).toBe(403);
  });

  it.each<Record<string, string>>([
    { origin: 'https://elsewhere.example' },
    { origin: 'null' },
    { origin: 'http://127.0.0.1:9999' },
    { 'sec-fetch-site': 'cross-site' },
  ])('no writing from another site: %j', (headers) => {
    expect(knock('PUT', { host: '127.0.0.1:4680', ...headers })).toBe(403);
  });
});
