import { randomUUID } from 'node:crypto';
import fc from 'fast-check';
import { beforeAll, expect, it } from 'vitest';
import { entriesOf } from '../../src/lib/nouns/bath/entries.server.ts';
import type { PaperThrough } from '../../src/lib/nouns/bath/through.ts';
import { findingExample } from '../../src/lib/nouns/finding/contract.ts';
import { printExample } from '../../src/lib/nouns/print/contract.ts';
import { proofExample } from '../../src/lib/nouns/proof/contract.ts';
import { shelfStores } from '../../src/lib/nouns/shelves.server.ts';
import { PUT as PUT_PRINT } from '../../src/routes/api/v1/prints/[id]/+server.ts';
import { PUT as PUT_SHELF } from '../../src/routes/api/v1/[shelf=shelf]/[id]/+server.ts';
import { call } from './call.ts';
import { freshDatabase } from './database.ts';

freshDatabase();

const baths = [randomUUID(), randomUUID()] as const;
beforeAll(async () => {
  for (const [n, id] of baths.entries()) {
    await shelfStores.baths.put(id, {
      ...{ name: `Fixer ${n}`, use: 'fixer', mixedAtMs: 1, volumeMl: 2000, tests: [] },
    });
  }
});

/** A sheet as two people may write it down: on a bath, of a size, or on none. */
interface Paper {
  readonly id: string;
  readonly bath: 0 | 1 | 'none';
  readonly sizeCm: number;
}
const through = ({ bath, sizeCm }: Paper): { baths?: PaperThrough } =>
  bath === 'none'
    ? {}
    : {
        baths: {
          ...{ widthCm: sizeCm, heightCm: 25 },
          baths: [{ place: 'print-fix', id: baths[bath], name: `Fixer ${bath}` }],
        },
      };
const atMs = 1_768_600_000_000;

/** The records that write paper down, each its own way. */
const kinds = {
  print: {
    put: PUT_PRINT,
    params: {},
    bodyOf: (papers: readonly Paper[]) => ({
      ...{ ...printExample, strips: [] },
      sheets: papers.map((paper) => ({
        ...{ ...printExample.sheets[0]!, id: paper.id, exposedAtMs: atMs, baths: undefined },
        ...through(paper),
      })),
    }),
  },
  proof: {
    put: PUT_SHELF,
    params: { shelf: 'proofs' },
    bodyOf: (papers: readonly Paper[]) => ({
      ...proofExample,
      sheets: papers.map((paper) => ({
        ...{ id: paper.id, exposedAtMs: atMs, firings: [], setup: findingExample.setup },
        ...through(paper),
      })),
    }),
  },
} as const;
type Kind = keyof typeof kinds;

const step = fc.record({
  what: fc.constantFrom('add', 'remove', 'size', 'bath', 'repeat', 'stale' as const),
  which: fc.nat({ max: 4 }),
  bath: fc.constantFrom<Paper['bath']>(0, 1, 'none'),
  sizeCm: fc.constantFrom(20, 30, 40),
  /** A double click, or a second device that sends the same. */
  twice: fc.boolean(),
});
type Step = typeof step extends fc.Arbitrary<infer Value> ? Value : never;

function after(papers: readonly Paper[], { what, which, bath, sizeCm }: Step): readonly Paper[] {
  const at = papers.length > 0 ? which % papers.length : 0;
  const changed = (change: Partial<Paper>) =>
    papers.map((paper, n) => (n === at ? { ...paper, ...change } : paper));
  const ways: Record<Step['what'], () => readonly Paper[]> = {
    add: () => [...papers, { id: randomUUID(), bath, sizeCm }].slice(0, 5),
    remove: () => papers.filter((_, n) => n !== at),
    size: () => changed({ sizeCm }),
    bath: () => changed({ bath }),
    repeat: () => papers,
    stale: () => papers,
  };
  return ways[what]();
}

/** What stands on a bath of these records, cm². */
async function standing(bath: string, ids: ReadonlySet<string>): Promise<number> {
  const all = (await entriesOf([bath]))[bath] ?? [];
  return all
    .filter(({ of }) => of && ids.has(of.id))
    .reduce((sum, { entry }) => sum + ('areaCm2' in entry ? entry.areaCm2 : 0), 0);
}

it.each<Kind>(['print', 'proof'])(
  'whatever two devices write of a %s, a ledger is the sum of what stands in the records',
  async (kind) => {
    const { put, params, bodyOf } = kinds[kind];
    await fc.assert(
      fc.asyncProperty(fc.array(step, { minLength: 1, maxLength: 10 }), async (steps) => {
        const id = randomUUID();
        let papers: readonly Paper[] = [];
        let version = 0;
        const send = (of: readonly Paper[], basedOn: number) =>
          call(put, {
            params: { id, ...params },
            body: JSON.parse(JSON.stringify(bodyOf(of))) as object,
            ...(basedOn > 0 && { headers: { 'if-match': `"${basedOn}"` } }),
          });
        for (const one of steps) {
          if (one.what === 'stale') {
            // Who saw an older version changes nothing: neither the record nor a ledger.
            if (version > 1)
              expect(
                (await send([{ id: randomUUID(), bath: 0, sizeCm: 99 }], version - 1)).status,
              ).toBe(409);
          } else {
            papers = after(papers, one);
            const times = one.twice ? 2 : 1;
            const answers = await Promise.all(
              Array.from({ length: times }, () => send(papers, version)),
            );
            for (const { status } of answers) expect([200, 201]).toContain(status);
            const { etag } = await send(papers, version);
            version = Number(etag?.replaceAll('"', ''));
          }
          for (const [n, bath] of baths.entries()) {
            const wanted = papers
              .filter((paper) => paper.bath === n)
              .reduce((sum, { sizeCm }) => sum + sizeCm * 25, 0);
            expect(await standing(bath, new Set([id]))).toBeCloseTo(wanted, 6);
          }
        }
      }),
      { numRuns: 25 },
    );
  },
  120_000,
);
