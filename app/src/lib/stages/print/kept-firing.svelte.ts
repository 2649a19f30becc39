import { lampSwitches, type LampSwitchId } from '@katachron/core';
import { keepList, keptList } from '../../kit/kept-list.ts';
import type { Firing } from '../../nouns/in-hand/draft.ts';

interface Kept<Entry> {
  readonly firing?: Firing;
  readonly lampBy?: LampSwitchId;
  readonly lastId?: string;
  readonly unsent?: readonly Entry[];
}

const isNumber = (value: unknown) => typeof value === 'number' && Number.isFinite(value);

/** What a browser kept may be anything by now. */
export function isFiring(value: unknown): boolean {
  if (typeof value !== 'object' || value === null) return false;
  const { what, dialSeconds, at, given } = value as Partial<Firing>;
  return (
    typeof what === 'string' &&
    Array.isArray(dialSeconds) &&
    dialSeconds.every(isNumber) &&
    isNumber(at) &&
    Array.isArray(given)
  );
}

export const isLampSwitch = (value: unknown): boolean =>
  value === undefined || lampSwitches.some(({ id }) => id === value);

function isKept<Entry>(value: unknown): value is Kept<Entry> {
  if (typeof value !== 'object' || value === null) return false;
  const { firing, lampBy, unsent } = value as Partial<Kept<Entry>>;
  return (
    isLampSwitch(lampBy) &&
    (firing === undefined || isFiring(firing)) &&
    (unsent === undefined || Array.isArray(unsent))
  );
}

/**
 * How far paper under the enlarger came, and what was exposed and is not in the record yet. It belongs to this browser, so that
 * neither a reload nor a server that is away loses light that was given.
 */
export class KeptFiring<Entry extends { readonly id: string }> {
  /** The exposure that was given last. */
  lastId = $state<string>();
  unsent = $state.raw<readonly Entry[]>([]);
  #firing = $state.raw<Firing>();
  #lampBy = $state<LampSwitchId>('screen');
  readonly #key: string;
  readonly #send: (entries: readonly Entry[]) => Promise<boolean>;

  /** @param send writes entries down, those that are there already once; true when they are kept */
  constructor(key: string, send: (entries: readonly Entry[]) => Promise<boolean>) {
    this.#key = key;
    this.#send = send;
  }

  /** What an earlier visit left, in the browser; what is not written down yet is tried again. */
  takeUp(): void {
    const kept = keptList(this.#key, isKept<Entry>).at(0);
    if (!kept) return;
    this.#firing = kept.firing;
    this.#lampBy = kept.lampBy ?? 'screen';
    this.lastId = kept.lastId;
    this.unsent = kept.unsent ?? [];
    void this.send();
  }

  get firing(): Firing | undefined {
    return this.#firing;
  }
  set firing(firing) {
    this.#firing = firing;
    this.#keep();
  }

  get lampBy(): LampSwitchId {
    return this.#lampBy;
  }
  set lampBy(by) {
    this.#lampBy = by;
    this.#keep();
  }

  /** It was exposed: here at once, in the record as soon as the server answers. */
  exposed(entry: Entry): void {
    this.lastId = entry.id;
    this.unsent = [...this.unsent.filter(({ id }) => id !== entry.id), entry];
    this.#keep();
    void this.send();
  }

  async send(): Promise<void> {
    const entries = this.unsent;
    if (entries.length === 0 || !(await this.#send(entries))) return;
    this.unsent = this.unsent.filter((entry) => !entries.includes(entry));
    this.#keep();
  }

  #keep(): void {
    const { unsent, lastId } = this;
    keepList(this.#key, [
      {
        ...(this.#firing && { firing: $state.snapshot(this.#firing) }),
        lampBy: this.#lampBy,
        ...(lastId !== undefined && { lastId }),
        unsent,
      },
    ]);
  }
}
