/** Something that happened in a run. Events are only ever added; undoing is an event too. */
export type ProcessEvent = { readonly id: string; readonly atMs: number } & (
  | { readonly kind: 'poured-in'; readonly stepId: string }
  | { readonly kind: 'poured-earlier'; readonly stepId: string; readonly seconds: number }
  | {
      readonly kind: 'retimed';
      readonly stepId: string;
      readonly seconds: number;
      /** By what was read, unless said. */
      readonly because?: 'temperature' | 'extra' | 'first-tone';
    }
  | { readonly kind: 'skipped'; readonly stepId: string }
  | {
      readonly kind: 'temperature';
      readonly temperatureC: number;
      /** The bath that was read, where it is not the one under way. */
      readonly stepId?: string;
      /** The thermometer that was read, where it was compared: the temperature is corrected by it. */
      readonly by?: string;
    }
  | { readonly kind: 'note'; readonly text: string }
  | { readonly kind: 'finished' }
  | { readonly kind: 'undone'; readonly eventId: string }
);

/**
 * The events that still count, in the order in which they happened. An undo takes its event away; undoing the undo brings it back.
 * @param events in any order, instants in ms
 * @returns the events that count, without the undos
 * @source append-only log
 * @example
 * eventsThatCount([{ id: "a", atMs: 1, kind: "finished" }, { id: "b", atMs: 2, kind: "undone", eventId: "a" }]) // = []
 */
export function eventsThatCount(events: readonly ProcessEvent[]): ProcessEvent[] {
  const ordered = [...events].sort((a, b) => a.atMs - b.atMs);
  const undone = new Set<string>();
  for (const event of ordered.toReversed()) {
    if (event.kind === 'undone' && !undone.has(event.id)) undone.add(event.eventId);
  }
  return ordered.filter((event) => event.kind !== 'undone' && !undone.has(event.id));
}
