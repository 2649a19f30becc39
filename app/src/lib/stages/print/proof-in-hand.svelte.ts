import { lampSwitches, stripKinds, type LampSwitchId } from '@katachron/core';
import { keepList, keptList } from '../../kit/kept-list.ts';
import type { Firing } from '../../nouns/in-hand/draft.ts';
import type { Fireable } from './fireable.ts';
import { emptyBlack, type BlackForm, type blackView } from './proof-view.ts';

const KEY = 'katachron-proof-sheet';

interface Kept {
  readonly form: BlackForm;
  readonly firing?: Firing;
  readonly lampBy?: LampSwitchId;
}

const isNumber = (value: unknown) => typeof value === 'number' && Number.isFinite(value);

function isFiring(value: unknown): boolean {
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

function isKept(entry: unknown): entry is Kept {
  if (typeof entry !== 'object' || entry === null) return false;
  const { form, firing, lampBy } = entry as Partial<Kept>;
  if (typeof form !== 'object') return false;
  const usual = emptyBlack();
  const alike = (Object.keys(usual) as (keyof BlackForm)[]).every(
    (part) =>
      typeof form[part] === typeof usual[part] || (part === 'picked' && isNumber(form.picked)),
  );
  const kind = stripKinds.some(({ id }) => id === form.kind);
  const by = lampBy === undefined || lampSwitches.some(({ id }) => id === lampBy);
  return alike && kind && by && (firing === undefined || isFiring(firing));
}

/** The proof that is being made: what was typed and seen on its strip, and what was fired of it. It belongs to this browser. */
export class ProofInHand {
  readonly form: BlackForm;
  firing = $state<Firing>();
  lampBy = $state<LampSwitchId>('screen');

  constructor(film?: string) {
    this.form = $state(emptyBlack(film));
  }

  /** What an earlier visit left, in the browser. */
  takeUp(): void {
    const kept = keptList(KEY, isKept).at(0);
    if (!kept) return;
    Object.assign(this.form, kept.form);
    this.firing = kept.firing;
    this.lampBy = kept.lampBy ?? 'screen';
  }

  keep(): void {
    const { form, firing, lampBy } = this;
    keepList(KEY, [$state.snapshot({ form, lampBy, ...(firing && { firing }) })]);
  }
}

/** Its strip, or the sheet itself, under the lamp. */
export class FireOfProof implements Fireable {
  readonly back = '/print/proof';
  readonly nothing =
    'There is nothing to fire yet: put the strip right, or pick its first black patch.';
  readonly base = undefined;
  readonly sheetId = undefined;
  readonly what: 'proof-strip' | 'proof-sheet';
  readonly #proof: ProofInHand;
  readonly #view: () => ReturnType<typeof blackView>;
  readonly #lamp: { readonly timerStep: number; readonly lagSeconds: number };

  constructor(
    proof: ProofInHand,
    what: 'proof-strip' | 'proof-sheet',
    view: () => ReturnType<typeof blackView>,
    lamp: { readonly timerStep: number; readonly lagSeconds: number },
  ) {
    this.#proof = proof;
    this.what = what;
    this.#view = view;
    this.#lamp = lamp;
  }

  get name(): string {
    return this.what === 'proof-strip' ? 'strip for the proof' : 'proof';
  }

  get lines() {
    const { strip, sheet } = this.#view().firings;
    return this.what === 'proof-strip' ? strip : sheet;
  }

  get timerStep(): number {
    return this.#lamp.timerStep;
  }

  get lagSeconds(): number {
    return this.#lamp.lagSeconds;
  }

  get tray() {
    return this.what === 'proof-strip' ? ('strip' as const) : ('print' as const);
  }

  get firing(): Firing | undefined {
    return this.#proof.firing;
  }
  set firing(firing) {
    this.#proof.firing = firing;
    this.#proof.keep();
  }

  get lampBy(): LampSwitchId {
    return this.#proof.lampBy;
  }
  set lampBy(by) {
    this.#proof.lampBy = by;
    this.#proof.keep();
  }

  /** A proof has no record of its own: what was seen on it is in its frames. */
  exposed(): void {
    this.#proof.keep();
  }
}
