import type { ProcessEvent } from '@katachron/core';
import type { Unsent } from './outbox.ts';

const KEY = 'katachron-seen';

/**
 * Events of the runs under way that this browser made, confirmed or not. A page that was kept for a lost server may be older
 * than they are; with them a reload shows the run as it is.
 */
export function seenEvents(): Unsent[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? '[]');
    return Array.isArray(kept) ? (kept as Unsent[]) : [];
  } catch {
    return [];
  }
}

export function keepSeen(rollId: string, event: ProcessEvent): void {
  localStorage.setItem(KEY, JSON.stringify([...seenEvents(), { rollId, event }]));
}

/** Once the server knows that a run is over, or no longer has it under way, nothing of it is needed here. */
export function forgetFinished(
  runs: readonly { readonly roll: { readonly id: string; readonly state: string } }[],
): void {
  const over = new Set(
    runs
      .filter(({ roll }) => ['developed', 'proofed'].includes(roll.state))
      .map(({ roll }) => roll.id),
  );
  const left = seenEvents().filter(
    ({ rollId }) => runs.some(({ roll }) => roll.id === rollId) && !over.has(rollId),
  );
  localStorage.setItem(KEY, JSON.stringify(left));
}
