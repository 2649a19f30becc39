import { describe, expect, it } from 'vitest';
import { checkListPdf } from '../../src/lib/nouns/evening/check-list.server.ts';
import { checkListExample } from '../../src/lib/nouns/evening/contract.ts';
import { POST } from '../../src/routes/api/v1/check-list.pdf/+server.ts';
import { call } from './call.ts';
import { inkOf, pagesOf, textOf } from './pdf-ink.ts';

const plain = (pdf: Uint8Array) => textOf(pdf).replace(/\s+/g, ' ');

describe('the check list of an evening', () => {
  it('has each step with its time and what it is of, and ink where they stand', async () => {
    const pdf = await checkListPdf(checkListExample);
    for (const words of ['Done at 21:05.', '19:40', 'load the tank', 'R-123, the night pour']) {
      expect(plain(pdf)).toContain(words);
    }
    const [page] = pagesOf(pdf);
    expect(inkOf(page!, 14, 60)).toBeGreaterThan(500);
    expect(inkOf(page!, 200, 290)).toBe(0);
  });

  it('stays on one page, however long the evening is', async () => {
    const lines = Array.from({ length: 150 }, (_, at) => ({
      ...{ from: '19:40', step: `stop and fix it, number ${at}` },
      task: 'R-123, the night pour · R-124, the second furnace with its doors open',
    }));
    const pdf = await checkListPdf({ ...checkListExample, lines });
    expect(pagesOf(pdf)).toHaveLength(1);
    expect(plain(pdf)).toContain('number 149');
    expect(plain(pdf)).toContain('cut it and sleeve it');
  });

  it('refuses what no page holds, before it is laid out', async () => {
    const afterwards = Array.from({ length: 30 }, () => 'x'.repeat(1000));
    await expect(checkListPdf({ ...checkListExample, afterwards })).rejects.toThrow(
      'That is more than one page holds',
    );
  });

  it('is answered as a file; what is no list is told in a sentence', async () => {
    const request = new Request('http://localhost/', {
      ...{ method: 'POST', headers: { 'content-type': 'application/json' } },
      body: JSON.stringify(checkListExample),
    });
    const made = (await POST({ request } as never)) as Response;
    expect([made.status, made.headers.get('content-type')]).toEqual([200, 'application/pdf']);
    const wrong = await call(POST, { body: { ...checkListExample, lines: [{}] } });
    expect([wrong.status, wrong.body.errors[0].pointer]).toEqual([400, '/lines/0/from']);
  });
});
