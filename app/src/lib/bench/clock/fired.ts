import {
  isProcessEvent,
  isProcessPlan,
  type ProcessEvent,
  type ProcessPlan,
} from '@katachron/core';
import { keepList, keptList } from '../../kit/kept-list.ts';

export const FIRED_KEY = 'katachron-fired';

/** As what paper lies under the lamp. */
export const firedKinds = ['strip', 'print', 'colour'] as const;

/** What paper under the lamp is of, and as what. */
export interface FiredOf {
  /** The print it is of. */
  readonly thing: string;
  readonly kind: (typeof firedKinds)[number];
  /** Which strip of it. */
  readonly number?: number;
}

/** Paper that got light on this bench: from its first light until it is out of the trays. */
export interface Fired extends FiredOf {
  /** The paper's own. */
  readonly id: string;
  /** First and last light; nobody knows of what a kitchen clock was counted for. */
  readonly fromMs?: number;
  readonly toMs?: number;
  /** Its way through the trays, once that is over. */
  readonly out?: { readonly plan: ProcessPlan; readonly events: readonly ProcessEvent[] };
}

/** So many are remembered: from them it is learned how long things take here. */
const MOST = 80;

const isInstant = (value: unknown) =>
  value === undefined || (typeof value === 'number' && Number.isFinite(value));

function isFired(entry: unknown): entry is Fired {
  if (typeof entry !== 'object' || entry === null) return false;
  const { id, thing, kind, number, fromMs, toMs, out } = entry as Partial<Fired>;
  return (
    typeof id === 'string' &&
    typeof thing === 'string' &&
    firedKinds.some((one) => one === kind) &&
    [number, fromMs, toMs].every(isInstant) &&
    (out === undefined ||
      (typeof out === 'object' &&
        out !== null &&
        isProcessPlan(out.plan) &&
        Array.isArray(out.events) &&
        out.events.every(isProcessEvent)))
  );
}

/** What was fired here, oldest first. */
export const keptFired = (): Fired[] => keptList(FIRED_KEY, isFired);

/** Writes of a paper what is new of it; what is not known yet is remembered from now on. */
export function changeFired(
  id: string,
  change: (known: Fired | undefined) => Fired | undefined,
): Fired[] {
  const all = keptFired();
  const changed = change(all.find((one) => one.id === id));
  const others = all.filter((one) => one.id !== id);
  const kept = [...others, ...(changed ? [changed] : [])].slice(-MOST);
  keepList(FIRED_KEY, kept);
  return kept;
}
