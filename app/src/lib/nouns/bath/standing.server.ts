import { shelfStores } from '../shelves.server.ts';
import { entriesOf } from './entries.server.ts';
import { standingBaths, type StandingBath } from './standing.ts';

/** The baths that stand mixed now, and how they are doing. */
export async function bathsNow(nowMs: number): Promise<StandingBath[]> {
  const all = await shelfStores.baths.all();
  const kept = all.filter(({ discardedAtMs }) => discardedAtMs === undefined);
  return standingBaths(kept, await entriesOf(kept.map(({ id }) => id)), nowMs);
}
