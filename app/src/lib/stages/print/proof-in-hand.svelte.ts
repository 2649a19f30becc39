import { stripKinds, type LampSwitchId } from '@katachron/core';
import { keepList, keptList } from '../../kit/kept-list.ts';
import type { TrayBaths } from './tray-baths.ts';
import type { Firing } from '../../nouns/in-hand/draft.ts';
import type { GivenFiring } from '../../nouns/print/sheet.ts';
import type { ProofSheet } from '../../nouns/proof/contract.ts';
import { sendSheet, type ProofOf } from '../../nouns/proof/send-sheet.ts';
import type { Fireable } from './fireable.ts';
import { isFiring, isLampSwitch } from './kept-firing.svelte.ts';
import { emptyBlack, type BlackForm, type blackView } from './proof-view.ts';

const KEY = 'katachron-proof-sheet';

/** The proof that was exposed last, in the record or not: its trays are written to it. */
interface LastProof {
  readonly sheetId: string;
  /** Empty for other negatives, which no record has. */
  readonly rollId: string;
}

interface Kept {
  /** Proofs that were exposed and are not in the record yet. */
  readonly unsent?: readonly ProofOf[];
  readonly last?: LastProof;
  /** Strips that were fired since the last sheet. */
  readonly strips?: number;
  readonly form: BlackForm;
  readonly firing?: Firing;
  readonly lampBy?: LampSwitchId;
}

const isNumber = (value: unknown) => typeof value === 'number' && Number.isFinite(value);

function isKept(entry: unknown): entry is Kept {
  if (typeof entry !== 'object' || entry === null) return false;
  const { form, firing, lampBy, strips = 0 } = entry as Partial<Kept>;
  if (typeof form !== 'object') return false;
  const usual = emptyBlack();
  const alike = (Object.keys(usual) as (keyof BlackForm)[]).every(
    (part) =>
      form[part] === undefined ||
      typeof form[part] === typeof usual[part] ||
      (part === 'picked' && isNumber(form.picked)),
  );
  const kind = stripKinds.some(({ id }) => id === form.kind);
  return (
    alike &&
    kind &&
    isNumber(strips) &&
    isLampSwitch(lampBy) &&
    (firing === undefined || isFiring(firing))
  );
}

/** The proof that is being made: what was typed and seen on its strip, and what was fired of it. It belongs to this browser. */
export class ProofInHand {
  readonly form: BlackForm;
  firing = $state<Firing>();
  lampBy = $state<LampSwitchId>('screen');

  /** Proofs that were exposed and are not in the record yet. */
  unsent = $state.raw<readonly ProofOf[]>([]);
  last = $state.raw<LastProof>();
  /** Strips that were fired since the last sheet. */
  #strips = 0;
  /** Why one is not there yet. */
  trouble = $state<string>();

  constructor(film?: string, rollId?: string) {
    this.form = $state(emptyBlack(film, rollId));
  }

  /** What an earlier visit left, in the browser. */
  takeUp(): void {
    const kept = keptList(KEY, isKept).at(0);
    if (!kept) return;
    Object.assign(this.form, kept.form);
    this.firing = kept.firing;
    this.lampBy = kept.lampBy ?? 'screen';
    this.unsent = kept.unsent ?? [];
    this.last = kept.last;
    this.#strips = kept.strips ?? 0;
  }

  keep(): void {
    const { form, firing, lampBy, unsent, last } = this;
    const kept = {
      ...{ form, lampBy, unsent, strips: this.#strips },
      ...(firing && { firing }),
      ...(last && { last }),
    };
    keepList(KEY, [$state.snapshot(kept)]);
  }

  /** A sheet was exposed: it goes to its roll's record, at once or when the server answers again. */
  exposed(sheet: ProofSheet, rollTitle: string): void {
    const { rollId } = this.form;
    this.last = { sheetId: sheet.id, rollId };
    const whole = { ...sheet, ...(this.#strips > 0 && { strips: Math.min(100, this.#strips) }) };
    if (rollId !== '') this.unsent = [...this.unsent, { rollId, rollTitle, sheet: whole }];
    this.#strips = 0;
    this.keep();
    void this.send();
  }

  /** A strip is thrown away; the baths had it, and it is booked with its sheet. */
  stripExposed(): void {
    this.#strips += 1;
    this.keep();
  }

  /** Sends what is not in the record yet. */
  async send(): Promise<void> {
    for (const one of this.unsent) {
      const { problem } = await sendSheet(one);
      this.trouble = problem?.detail;
      if (problem) return;
      this.unsent = this.unsent.filter((other) => other !== one);
      this.keep();
    }
  }
}

/** What stands on the bench when the lamp is lit. */
interface ProofBench {
  readonly timerStep: number;
  readonly lagSeconds: number;
  /** The roll whose frames lie on the paper. */
  readonly rollTitle: string;
  /** The baths of the trays. */
  readonly trays: TrayBaths;
}

/** Its strip, or the sheet itself, under the lamp. */
export class FireOfProof implements Fireable {
  readonly back = '/print/proof';
  readonly nothing =
    'There is nothing to fire yet: put the strip right, or pick its first black patch.';
  readonly base = undefined;
  readonly what: 'proof-strip' | 'proof-sheet';
  readonly #proof: ProofInHand;
  readonly #view: () => ReturnType<typeof blackView>;
  readonly #bench: () => ProofBench;

  constructor(
    proof: ProofInHand,
    what: 'proof-strip' | 'proof-sheet',
    view: () => ReturnType<typeof blackView>,
    bench: () => ProofBench,
  ) {
    this.#proof = proof;
    this.what = what;
    this.#view = view;
    this.#bench = bench;
  }

  get work() {
    return { thing: 'proof', kind: this.tray };
  }

  get name(): string {
    return this.what === 'proof-strip' ? 'strip for the proof' : 'proof';
  }

  get lines() {
    const { strip, sheet } = this.#view().firings;
    return this.what === 'proof-strip' ? strip : sheet;
  }

  get timerStep(): number {
    return this.#bench().timerStep;
  }

  get lagSeconds(): number {
    return this.#bench().lagSeconds;
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

  get sheetId(): string | undefined {
    return this.what === 'proof-sheet' ? this.#proof.last?.sheetId : undefined;
  }

  /** A proof is one sheet, with no mark but its roll's name, on resin-coated paper. */
  readonly copies = 1;
  readonly nextMark = undefined;
  readonly also = [];
  markOf = (): undefined => undefined;
  readonly inRecord = true;

  get through() {
    return this.#bench().trays.through;
  }

  get bathCautions() {
    return this.#bench().trays.cautions;
  }

  /** A strip of a proof is thrown away; the proof goes to its roll's record, with what it really got. */
  exposed(given: readonly GivenFiring[], sheetId: string, atMs: number): void {
    if (this.what === 'proof-strip') return this.#proof.stripExposed();
    this.#proof.exposed(
      {
        ...{ id: sheetId, exposedAtMs: atMs, switchedBy: this.lampBy },
        ...{ firings: [...given], setup: this.#view().setup },
        ...(this.#bench().trays.sheet && { baths: this.#bench().trays.sheet }),
      },
      this.#bench().rollTitle,
    );
  }
}
