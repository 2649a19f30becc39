import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { printExample } from '../../src/lib/nouns/print/contract.ts';
import { prints } from '../../src/lib/nouns/print/store.server.ts';
import { GET } from '../../src/routes/api/v1/prints-to-judge/+server.ts';
import { freshDatabase } from './database.ts';

freshDatabase();

const HOUR = 3_600_000;
const today = Date.UTC(2026, 0, 20);
const sheet = (atMs: number, judged = false) => {
  const { verdict, ...bare } = printExample.sheets[0]!;
  return { ...bare, id: randomUUID(), exposedAtMs: atMs, ...(judged && { verdict }) };
};
const keep = (title: string, sheets: ReturnType<typeof sheet>[]) =>
  prints.put(randomUUID(), { ...printExample, title, sheets });

describe('prints to judge', () => {
  it('have a sheet of the days before that nobody judged, even where another was exposed today', async () => {
    await keep('Both days', [sheet(today - HOUR), sheet(today + HOUR)]);
    await keep('Today alone', [sheet(today + HOUR)]);
    await keep('Judged', [sheet(today - HOUR, true), sheet(today + HOUR)]);
    await keep('Long ago', [sheet(today - 40 * 24 * HOUR)]);
    const url = new URL(`http://here/?before=${today}`);
    const answer = await (GET as (event: unknown) => Promise<Response>)({ url });
    const { prints: found } = (await answer.json()) as {
      prints: { title: string; marks: string[] }[];
    };
    expect(found.map(({ title, marks }) => [title, marks])).toEqual([['Both days', ['1a']]]);
  });

  it('of a day that is none get a sentence', async () => {
    const url = new URL('http://here/?before=yesterday');
    const answer = await (GET as (event: unknown) => Promise<Response>)({ url });
    expect(answer.status).toBe(400);
  });
});
