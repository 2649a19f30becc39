import type { ProcessEvent } from '@katachron/core';

/** An event that the server has not confirmed yet. */
export interface Unsent {
  readonly rollId: string;
  readonly event: ProcessEvent;
}

const KEY = 'katachron-outbox';

/**
 * Events are written here before they are sent, and synchronously: a reload in the same instant loses nothing.
 */
export function unsent(): Unsent[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? '[]');
    return Array.isArray(kept) ? (kept as Unsent[]) : [];
  } catch {
    return [];
  }
}

export function keepUnsent(entry: Unsent): void {
  localStorage.setItem(KEY, JSON.stringify([...unsent(), entry]));
}

export function forgetSent(eventId: string): void {
  const left = unsent().filter(({ event }) => event.id !== eventId);
  localStorage.setItem(KEY, JSON.stringify(left));
}
