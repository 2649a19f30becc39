import { headOf, sheetPlan, stripKinds } from '@katachron/core';
import { format } from 'date-fns';
import { flushSync, getContext, setContext } from 'svelte';
import type { WetSide } from '../../bench/clock/wet-side.svelte.ts';
import { put } from '../../kit/client.ts';
import { replaceDraft } from '../../kit/draft.svelte.ts';
import { newId } from '../../kit/new-id.ts';
import type { Held } from '../../nouns/in-hand/held.svelte.ts';
import { sameName } from '../../nouns/paper/facts.ts';
import type { Print } from '../../nouns/print/contract.ts';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import { isFired, type Fired } from './firing-lines.ts';
import { changedSetup, nextStripDraft, printBody, withContrast, type SetupChoice } from './keep.ts';
import { printView } from './print-view.ts';
import type { Bench } from './setup-now.ts';

/** Moves of a pick that follow each other this closely are one drag, ms. */
const DRAG_MS = 700;

/** The strip, or the other contrast beside it. */
export type Half = 'strip' | 'beside';
export type Place = 'highlight' | 'shadow';

interface Surroundings {
  readonly held: Held;
  readonly bench: () => Bench;
  readonly wetSide: WetSide;
  /** Goes to another page. */
  readonly go: (path: string) => Promise<void>;
  /** Asks anew what the server knows: another paper has other prints to learn from. */
  readonly askAnew: () => Promise<void>;
}

/** The print that is being worked out: what was typed and picked, what follows from it, and the way back. */
export class PrintInHand {
  readonly #around: Surroundings;
  readonly draft: PrintDraft;
  readonly view;
  problem = $state<string>();
  keeping = $state(false);
  /** Strips to go back to, newest last. */
  before = $state.raw<PrintDraft[]>([]);
  /** What stood there before each pick, newest last. */
  picks = $state.raw<{ where: Place; half: Half; position: number | null; atMs: number }[]>([]);

  constructor(around: Surroundings) {
    this.#around = around;
    this.draft = around.held.draft;
    const view = $derived(printView(this.draft, around.bench()));
    this.view = () => view;
  }

  get held(): Held {
    return this.#around.held;
  }

  /** Where its pages are. */
  get path(): string {
    return `/print/${this.held.id}`;
  }

  get bench(): Bench {
    return this.#around.bench();
  }

  get reading() {
    return this.view().reading;
  }

  get number(): number {
    return this.draft.earlier.length + 1;
  }

  /** Sure enough: the print is next. */
  get ready(): boolean {
    return this.reading?.verdict === 'make-print';
  }

  get kind() {
    return stripKinds.find(({ id }) => id === this.draft.kind)!;
  }

  get developerSeconds(): number {
    return this.#strip.steps[0]!.seconds;
  }

  get #strip() {
    return sheetPlan('strip', this.view().on.kept?.base);
  }

  /** A sheet was given just this answer: it is in the trays, or dry, and can be written down. */
  get fired(): boolean {
    return isFired(this.draft, this.view());
  }

  /** What comes next, and the big button does. */
  get next(): 'fire-strip' | 'next-strip' | 'fire-print' | 'keep' {
    if (!this.reading) return 'fire-strip';
    if (this.fired) return 'keep';
    return this.ready ? 'fire-print' : 'next-strip';
  }

  bigButton(): void {
    if (this.next === 'fire-strip') this.fire('strip');
    else if (this.next === 'keep') void this.keepPrint();
    else if (this.next === 'fire-print') this.fire('print');
    else this.nextStrip();
  }

  rulerName(half: Half): string {
    const { beside, set, setting } = this.view();
    if (!beside) return '';
    return `${set.noun} ${half === 'beside' ? beside.setting.name : setting.name}`;
  }

  /** A change of the set-up says what it does to what was found, and can be taken back. */
  changeSetup(change: SetupChoice): void {
    const changed = changedSetup(this.draft, this.view(), change, this.bench);
    if (changed.earlier) {
      this.before = [...this.before, $state.snapshot(this.draft)];
      this.picks = [];
    }
    Object.assign(this.draft, changed);
  }

  async onPaper(paper: string): Promise<void> {
    const kept = this.bench.papers.find(({ name }) => sameName(name, paper));
    this.changeSetup({ paper, ...withContrast(this.draft, kept?.contrastSetId) });
    await this.#around.askAnew();
  }

  onContrastSet(id: PrintDraft['contrastSetId']): void {
    this.changeSetup(withContrast(this.draft, id));
  }

  /** An enlarger of the shelf brings its lens, its lag and its timer. */
  onEnlarger(name: string): void {
    const kept = this.bench.enlargers.find((one) => sameName(one.name, name));
    this.changeSetup({
      enlarger: name,
      ...(kept && {
        lens: kept.lens,
        lag: String(kept.lamp.lagSeconds),
        timerStep: String(kept.lamp.timerStepSeconds),
        ...withContrast(this.draft, headOf(kept.head).contrastSetId),
      }),
    });
  }

  onKind(id: PrintDraft['kind']): void {
    const to = stripKinds.find((other) => other.id === id)!;
    const step = to.step === 'stops' ? '½' : String(to.usualStep);
    Object.assign(this.draft, { kind: id, step });
  }

  #half(half: Half) {
    return half === 'beside' ? this.draft.beside : this.draft;
  }

  pick(where: Place, position: number | null, half: Half = 'strip'): void {
    const picked = this.#half(half);
    if (!picked || picked[where] === position) return;
    const last = this.picks.at(-1);
    const atMs = Date.now();
    // A drag is one pick, however many patches it passes.
    const drags = last && last.where === where && last.half === half && atMs - last.atMs < DRAG_MS;
    this.picks = drags
      ? [...this.picks.slice(0, -1), { ...last, atMs }]
      : [...this.picks, { where, half, position: picked[where], atMs }];
    picked[where] = position;
  }

  unpick(): void {
    const last = this.picks.at(-1);
    const picked = last && this.#half(last.half);
    if (!picked) return;
    this.picks = this.picks.slice(0, -1);
    picked[last.where] = last.position;
  }

  /** By key: a pick appears in the middle of the strip and has the focus, ready for the arrow keys. */
  place(where: Place, half: Half = 'strip'): void {
    const view = this.view();
    const { strip, setting } = (half === 'beside' ? view.beside : view) ?? {};
    const picked = this.#half(half);
    if (!strip || !setting || !picked) return;
    this.pick(where, picked[where] ?? Math.floor((strip.patches.length - 1) / 2), half);
    // At once, not in the next frame: an arrow key may follow in the same breath.
    flushSync();
    document
      .querySelector<SVGElement>(`[data-place="${where}"][data-half="${this.rulerName(half)}"]`)
      ?.focus();
  }

  nextStrip(): void {
    const { draft } = this;
    if (!this.reading) {
      this.problem = 'Pick the patch where the highlight is right, or the shadow, or both.';
      return;
    }
    this.problem = undefined;
    this.before = [...this.before, $state.snapshot(draft)];
    Object.assign(draft, nextStripDraft(draft, this.view()));
    // The other place has its strip next.
    if (draft.along) draft.along = draft.along === 'highlight' ? 'shadow' : 'highlight';
    this.picks = [];
  }

  back(): void {
    const last = this.before.at(-1);
    if (!last) return;
    replaceDraft(this.draft, last);
    this.before = this.before.slice(0, -1);
    this.picks = [];
  }

  startOver(): void {
    this.before = [...this.before, $state.snapshot(this.draft)];
    Object.assign(this.draft, { highlight: null, shadow: null, earlier: [], areas: [] });
    delete this.draft.beside;
    this.picks = [];
  }

  fire(what: Fired): void {
    void this.#around.go(`${this.path}/fire?what=${what}`);
  }

  layIn(): void {
    this.#around.wetSide.layIn(`strip ${this.number}`, this.#strip);
  }

  async keepPrint(): Promise<void> {
    const { draft } = this;
    const view = this.view();
    const madeAtMs = Date.now();
    const title = draft.title.trim() || `Print of ${format(madeAtMs, 'd MMMM yyyy, HH:mm')}`;
    const body = printBody(draft, view, title, madeAtMs);
    const wrong = view.areas.find(({ trouble }) => trouble);
    if (!body || wrong?.trouble) {
      this.problem = wrong?.trouble ?? 'Pick a patch first: a print needs a time.';
      return;
    }
    if (this.keeping) return;
    this.keeping = true;
    this.problem = undefined;
    const id = newId();
    const outcome = await put<Print>(`/api/v1/prints/${id}`, body);
    this.keeping = false;
    if (outcome.problem) {
      this.problem = outcome.problem.detail;
      return;
    }
    await this.held.become('made');
    await this.#around.go(`/logbook/prints/${id}`);
  }
}

const CONTEXT = Symbol('the print in hand');

export function providePrint(print: PrintInHand): PrintInHand {
  return setContext(CONTEXT, print);
}

export function usePrint(): PrintInHand {
  return getContext<PrintInHand>(CONTEXT);
}
