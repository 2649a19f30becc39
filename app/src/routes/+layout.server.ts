import { isDatabaseAway } from '$lib/server/problem/response.ts';
import { bathsNow } from '$lib/nouns/bath/standing.server.ts';
import { comparedThermometers } from '$lib/nouns/calibration/thermometers.server.ts';
import { rolls } from '$lib/nouns/roll/store.server.ts';

/** What every page shows: the light it is in, and what lies in the sink. */
export async function load({ locals, depends }) {
  depends('katachron:sink');
  const nowMs = Date.now();
  const { preferences } = locals;
  try {
    const [runs, recorded, standing, thermometers] = await Promise.all([
      rolls.underWay(),
      rolls.lastTemperature(),
      bathsNow(nowMs),
      comparedThermometers(),
    ]);
    return { preferences, nowMs, runs, recorded, standing, thermometers };
  } catch (cause) {
    if (!isDatabaseAway(cause)) throw cause;
    // The page itself says that the database is away; the light and the clocks of this browser go on.
    return { preferences, nowMs, runs: [], recorded: null, standing: [], thermometers: [] };
  }
}
