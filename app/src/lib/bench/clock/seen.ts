import type { ProcessEvent } from '@katachron/core';
import { keepList, keptList } from '../../kit/kept-list.ts';
import { isRollEvent, type OfRoll } from './outbox.ts';

export const SEEN_KEY = 'katachron-seen';

/**
 * Events of the runs under way that this browser made, confirmed or not. A page that was kept for a lost server may be older
 * than they are; with them a reload shows the run as it is.
 */
export const seenEvents = (): OfRoll[] => keptList(SEEN_KEY, isRollEvent);

export function keepSeen(rollId: string, event: ProcessEvent): void {
  keepList(SEEN_KEY, [...seenEvents(), { rollId, event }]);
}

/** Once the server knows that a run is over, or no longer has it under way, nothing of it is needed here. */
export function forgetFinished(
  runs: readonly { readonly roll: { readonly id: string; readonly state: string } }[],
): void {
  const going = new Set(
    runs
      .filter(({ roll }) => ['planned', 'developing'].includes(roll.state))
      .map(({ roll }) => roll.id),
  );
  keepList(
    SEEN_KEY,
    seenEvents().filter(({ rollId }) => going.has(rollId)),
  );
}
