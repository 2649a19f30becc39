import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { printExample } from '../../src/lib/nouns/print/contract.ts';
import { closeDatabase } from '../../src/lib/server/database/connection.ts';
import { GET as health } from '../../src/routes/api/health/+server.ts';
import { PUT } from '../../src/routes/api/v1/prints/[id]/+server.ts';
import { load } from '../../src/routes/logbook/+page.server.ts';
import { call } from './call.ts';

describe('while the database is away', () => {
  beforeAll(() => {
    // Port 1 on loopback: nobody listens there.
    process.env.DATABASE_URL = 'postgres://nobody@127.0.0.1:1/nothing';
  });
  afterAll(closeDatabase);

  it('says so with 503', async () => {
    expect(await call(health)).toMatchObject({ status: 503, type: 'application/problem+json' });
  });

  it('a write is answered with 503 and a sentence, never with a stack', async () => {
    const { status, body } = await call(PUT, { params: { id: randomUUID() }, body: printExample });
    expect(status).toBe(503);
    expect(body.detail).toContain('The database does not answer');
    expect(JSON.stringify(body)).not.toMatch(/at .*\.ts|ECONN|node_modules/);
  });

  it('a page says so too', async () => {
    const event = { url: new URL('http://127.0.0.1/logbook') };
    await expect(load(event as Parameters<typeof load>[0])).rejects.toMatchObject({ status: 503 });
  });
});
