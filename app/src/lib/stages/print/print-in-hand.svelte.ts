import { headOf, sheetPlan, stripKinds, type LampSwitchId } from '@katachron/core';
import { flushSync, getContext, setContext } from 'svelte';
import type { WetSide } from '../../bench/clock/wet-side.svelte.ts';
import { replaceDraft } from '../../kit/draft.svelte.ts';
import { put } from '../../kit/client.ts';
import { newId } from '../../kit/new-id.ts';
import {
  placedBaths,
  pouringCautions,
  throughOf,
  type PlacedBath,
} from '../../nouns/bath/standing.ts';
import type { Through } from '../../nouns/bath/through.ts';
import type { Enlarger } from '../../nouns/enlarger/contract.ts';
import { withFallOff } from '../../nouns/enlarger/form.ts';
import type { Held } from '../../nouns/in-hand/held.svelte.ts';
import { paperSize } from '../../nouns/paper/sizes.ts';
import { called } from '../../words/called.ts';
import { sameName } from '../../words/same-name.ts';
import { type GivenFiring } from '../../nouns/print/sheet.ts';
import { MOST_SHEETS } from '../../nouns/print/limits.ts';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import type { Fired } from '../../nouns/in-hand/limits.ts';
import { placedStrip, withPlaced } from './begin-print.ts';
import { firingLines, isFired, versionNow } from './firing-lines.ts';
import {
  UNSEEN,
  changedSetup,
  checkStripDraft,
  knownSetup,
  nextStripDraft,
  withContrast,
  type SetupChoice,
} from './keep.ts';
import { FreshLook } from './fresh-look.svelte.ts';
import { nothingPicked } from './look-again.ts';
import { litBy } from './lit-by.ts';
import { filledIn } from './negative-facts.ts';
import { carriedPicture } from './picture/question.ts';
import { printView } from './print-view.ts';
import type { Bench } from './setup-now.ts';

/** Moves of a pick that follow each other this closely are one drag, ms. */
const DRAG_MS = 700;

/** The strip, or the other contrast beside it; or one of the two strips of soft and hard. */
export type Half = 'strip' | 'beside' | 'pair-1' | 'pair-2';
export type Place = 'highlight' | 'shadow';

/** What can be taken back: it outlives a look at another page. */
class WayBack {
  /** Strips to go back to, newest last. */
  before = $state.raw<readonly PrintDraft[]>([]);
  /** What stood there before each pick, newest last. */
  picks = $state.raw<
    readonly { where: Place; half: Half; position: number | null; atMs: number }[]
  >([]);
}

const waysBack = new WeakMap<Held, WayBack>();

function wayBack(held: Held): WayBack {
  const way = waysBack.get(held) ?? new WayBack();
  waysBack.set(held, way);
  return way;
}

/** At once, not in the next frame: an arrow key may follow in the same breath. */
function focusPick(where: Place, ruler: string): void {
  flushSync();
  document
    .querySelector<SVGElement | HTMLElement>(`[data-place="${where}"][data-half="${ruler}"]`)
    ?.focus();
}

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
  readonly #way: WayBack;
  readonly fresh: FreshLook;

  constructor(around: Surroundings) {
    this.#around = around;
    this.draft = around.held.draft;
    this.#way = wayBack(around.held);
    const view = $derived(printView(this.draft, around.bench()));
    this.view = () => view;
    this.fresh = new FreshLook(this.draft, this.view);
  }

  get before(): readonly PrintDraft[] {
    return this.#way.before;
  }
  set before(before) {
    this.#way.before = before;
  }

  get picks(): WayBack['picks'] {
    return this.#way.picks;
  }
  set picks(picks) {
    this.#way.picks = picks;
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
  get next(): 'fire-strip' | 'look-again' | 'next-strip' | 'fire-print' | 'done' {
    if (!this.reading) return 'fire-strip';
    if (this.fired) return 'done';
    if (this.ready) return 'fire-print';
    // A fresh look costs no paper.
    return this.view().lookAgain ? 'look-again' : 'next-strip';
  }

  bigButton(): void {
    if (this.next === 'fire-strip') this.fire('strip');
    else if (this.next === 'done') void this.done();
    else if (this.next === 'fire-print') this.fire('print');
    else if (this.next === 'look-again') this.lookAgain();
    else this.nextStrip();
  }

  /** Opens a fresh look at the strip on the page, and keeps it once something was picked. */
  lookAgain(): void {
    const { fresh } = this;
    if (fresh.open) fresh.keep();
    else fresh.look(fresh.due?.index);
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
    const before = this.view();
    Object.assign(this.draft, changed);
    const { picture } = this.draft;
    if (picture) this.draft.picture = carriedPicture(picture, before, this.view());
  }

  async onPaper(paper: string): Promise<void> {
    const kept = called(this.bench.papers, paper);
    // A tone card is of one paper.
    if (!sameName(paper, this.draft.paper)) delete this.draft.lookedAt;
    this.changeSetup({ paper, ...withContrast(this.draft, kept?.contrastSetId) });
    await this.#around.askAnew();
  }

  /** What the server knows of the darkroom, asked anew. */
  askAnew(): Promise<void> {
    return this.#around.askAnew();
  }

  onContrastSet(id: PrintDraft['contrastSetId']): void {
    this.changeSetup(withContrast(this.draft, id));
  }

  /** What is known of a negative fills in what is blank, and moves nothing that was typed. */
  onNegative(name: string): void {
    const { draft } = this;
    draft.negative = name;
    const known = called(this.bench.negatives, name);
    if (!known) return;
    const lit = litBy(this.bench.enlargers, draft.enlarger);
    Object.assign(draft, filledIn(draft, known, this.view().setting.id, lit));
  }

  /** An enlarger of the shelf brings its lens, its lag and its timer. */
  onEnlarger(name: string): void {
    const kept = called(this.bench.enlargers, name);
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

  /** A strip that was looked at stays as it was dialled; the print and the next strip get the new lag. */
  onLag(lag: string): void {
    if (this.reading?.made) this.draft.stripLag ??= this.draft.lag;
    this.draft.lag = lag;
  }

  /** What the strips have told of the lamp is written down, and at its enlarger too where that stands on the shelf. */
  async writeLag(seconds: number): Promise<void> {
    this.onLag(String(seconds));
    const { enlarger } = this.view().now;
    if (!enlarger || !('version' in enlarger)) return;
    const { id, version, ...body } = enlarger as Enlarger;
    const changed = { ...body, lamp: { ...body.lamp, lagSeconds: seconds } };
    const { problem } = await put<Enlarger>(`/api/v1/enlargers/${id}`, changed, version);
    this.problem =
      problem &&
      `The lag is written down for this print. At the enlarger it is not: ${problem.detail}`;
    await this.#around.askAnew();
  }

  /** What the corners lack at the aperture of now, as its enlarger knows it. */
  get keptFallOff(): number | undefined {
    const { enlarger, setup } = this.view().now;
    return enlarger?.fallOffs?.find(({ aperture }) => aperture === setup.aperture)?.stops;
  }

  /** What was measured of the corners is kept with the enlarger; the answer says what is missing for that, or went wrong. */
  async keepFallOff(stops: number): Promise<string | undefined> {
    const { enlarger, setup } = this.view().now;
    if (!enlarger || !('version' in enlarger)) {
      return 'Choose an enlarger from the shelf first: it is kept there.';
    }
    if (setup.aperture === undefined) return 'Say the aperture first: it is kept for that.';
    const { id, version, ...body } = enlarger as Enlarger;
    const changed = withFallOff(body, setup.aperture, stops);
    const { problem } = await put<Enlarger>(`/api/v1/enlargers/${id}`, changed, version);
    await this.#around.askAnew();
    return problem?.detail;
  }

  onKind(id: PrintDraft['kind']): void {
    const to = stripKinds.find((other) => other.id === id)!;
    const step = to.step === 'stops' ? '½' : String(to.usualStep);
    Object.assign(this.draft, { kind: id, step });
  }

  /** A single patch is judged by words, several by picking one: a pick of the one kind says nothing of the other. */
  onPatches(patches: string): void {
    const single = (text: string) => text.trim() === '1';
    const other = single(patches) !== single(this.draft.patches);
    Object.assign(this.draft, { patches, ...(other && UNSEEN) });
  }

  #picked(
    half: Half,
    where: Place,
  ): { at: number | null; put: (at: number | null) => void } | undefined {
    const { draft } = this;
    if (half === 'pair-1' || half === 'pair-2') {
      const strip = draft.pair?.strips[half === 'pair-1' ? 0 : 1];
      return strip && { at: strip.picked, put: (at) => (strip.picked = at) };
    }
    const strip = half === 'beside' ? draft.beside : draft;
    return strip && { at: strip[where], put: (at) => (strip[where] = at) };
  }

  pick(where: Place, position: number | null, half: Half = 'strip'): void {
    const picked = this.#picked(half, where);
    if (!picked || picked.at === position) return;
    const last = this.picks.at(-1);
    const atMs = Date.now();
    // A drag is one pick, however many patches it passes; of a single patch a word is chosen, and nothing dragged.
    const single = this.view().strip?.patches.length === 1;
    const drags =
      !single && last?.where === where && last.half === half && atMs - last.atMs < DRAG_MS;
    this.picks = drags
      ? [...this.picks.slice(0, -1), { ...last, atMs }]
      : [...this.picks, { where, half, position: picked.at, atMs }];
    picked.put(position);
  }

  unpick(): void {
    if (this.fresh.open) {
      this.fresh.picks = nothingPicked;
      return;
    }
    const last = this.picks.at(-1);
    if (!last) return;
    this.picks = this.picks.slice(0, -1);
    this.#picked(last.half, last.where)?.put(last.position);
  }

  /** By key: a pick appears in the middle of the strip and has the focus, ready for the arrow keys. */
  place(where: Place, half: Half = 'strip'): void {
    // While a strip is looked at afresh the keys are for that, and what was picked before stays as it is.
    if (this.fresh.open) {
      this.fresh.place(where);
      focusPick(where, this.fresh.open.name);
      return;
    }
    const view = this.view();
    const { strip, setting } = (half === 'beside' ? view.beside : view) ?? {};
    const picked = this.#picked(half, where);
    if (!strip || !setting || !picked) return;
    // Of a single patch the word itself is chosen.
    if (strip.patches.length > 1) {
      this.pick(where, picked.at ?? Math.floor((strip.patches.length - 1) / 2), half);
    }
    focusPick(where, this.rulerName(half));
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

  /** Three patches around an answer that came by another way than a strip. */
  checkAt(settingId: string, seconds: number): void {
    this.before = [...this.before, $state.snapshot(this.draft) as PrintDraft];
    this.picks = [];
    Object.assign(this.draft, checkStripDraft(this.draft, this.view(), settingId, seconds));
  }

  /** The next strip as it is advised, where what was picked and read came to that without this page. */
  layStrip(): void {
    const placed = placedStrip(this.draft, this.bench, this.view());
    if (!placed) return;
    if (this.reading) return this.nextStrip();
    this.before = [...this.before, $state.snapshot(this.draft) as PrintDraft];
    this.picks = [];
    replaceDraft(this.draft, withPlaced(this.draft, placed));
  }

  /** Carries the print to another set-up, by what was typed of both: what was found counts there, and three patches check it. */
  carryTo({ was, willBe }: { was: SetupChoice; willBe: SetupChoice }): void {
    Object.assign(this.draft, knownSetup(this.draft, was));
    this.changeSetup(willBe);
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
    Object.assign(this.draft, { ...UNSEEN, earlier: [], areas: [] });
    delete this.draft.beside;
    delete this.draft.change;
    this.picks = [];
  }

  /** Test pieces know their area by its place: they go with it, or move up. */
  leaveOut(area: number): void {
    const { draft } = this;
    draft.areas = draft.areas.filter((_, other) => other !== area);
    draft.pieces = draft.pieces?.flatMap((piece) =>
      piece.area === area ? [] : [{ ...piece, area: piece.area - Number(piece.area > area) }],
    );
    if (!draft.pieces?.length) delete draft.pieces;
  }

  fire(what: Fired): void {
    void this.#around.go(`${this.path}/fire?what=${what}`);
  }

  layIn(): void {
    const { number, through } = this;
    const fired = { id: newId(), thing: this.held.id, kind: 'strip' as const, number };
    this.#around.wetSide.layIn(`strip ${number}`, this.#strip, { through, fired });
  }

  /** The trays that a print goes through. */
  get trays() {
    return sheetPlan('print', this.view().on.kept?.base, this.draft.also);
  }

  /** The baths that stand in the trays, as chosen or as they would be taken. */
  get placed(): readonly PlacedBath[] {
    return placedBaths(this.bench.standing, {
      // A strip goes through the short fix besides.
      kinds: ['print-short-fix', ...this.trays.steps.map(({ kind }) => kind)],
      chosen: this.draft.through,
    });
  }

  get through(): Through {
    return throughOf(this.placed);
  }

  /** What to be told before a sheet is laid in. */
  get bathCautions(): string[] {
    const { widthCm, heightCm } = paperSize(this.draft.paperSize);
    return this.placed.flatMap(({ bath }) =>
      bath ? pouringCautions(bath, 'paper', widthCm * heightCm) : [],
    );
  }

  /** A sheet was exposed to the answer on the page: it belongs to the print from now on, and into the logbook. */
  sheetGiven(
    firings: readonly GivenFiring[],
    switchedBy: LampSwitchId,
    id = newId(),
    exposedAtMs = Date.now(),
  ): void {
    const { draft } = this;
    const version = versionNow(draft, this.view());
    if (!version) return;
    const { versions = [], sheets = [] } = draft;
    if (!versions.some(({ number }) => number === version.number)) {
      draft.versions = [...versions, version].slice(-MOST_SHEETS);
    }
    const { widthCm, heightCm } = paperSize(draft.paperSize);
    const sheet = {
      id,
      version: version.number,
      exposedAtMs,
      switchedBy,
      firings: [...firings],
      ...(this.through.length > 0 && { baths: { widthCm, heightCm, baths: this.through } }),
    };
    const others = sheets.filter((other) => other.id !== id);
    draft.sheets = [...others, sheet].slice(-MOST_SHEETS);
  }

  /** Where the sheet was exposed without this screen it is written down as it was to be fired; then to its record. */
  async keepPrint(): Promise<void> {
    const wrong = this.view().areas.find(({ trouble }) => trouble);
    const lines = firingLines(this.draft, this.view(), 'print');
    if (lines.length === 0 || wrong?.trouble) {
      this.problem = wrong?.trouble ?? 'Pick a patch first: a print needs a time.';
      return;
    }
    if (!this.fired) {
      const asPlanned = lines.map(({ hands, filter, dialSeconds }) => ({
        ...{ hands, filter },
        seconds: dialSeconds,
      }));
      this.sheetGiven(asPlanned, 'own-timer');
    }
    await this.done();
  }

  /** The print is made: off the bench, to its record, where it is judged when it is dry. */
  async done(): Promise<void> {
    if (this.keeping) return;
    this.keeping = true;
    this.problem = undefined;
    await this.held.become('made');
    this.keeping = false;
    // What another device did is asked about above.
    if (this.held.conflict) return;
    if (this.held.waiting) {
      this.problem =
        'The server does not answer. The sheet is kept in this browser, and goes into the logbook as soon as it does.';
      return;
    }
    await this.#around.go(`/logbook/prints/${this.held.id}`);
  }
}

const CONTEXT = Symbol('the print in hand');

export function providePrint(print: PrintInHand): PrintInHand {
  return setContext(CONTEXT, print);
}

export function usePrint(): PrintInHand {
  return getContext<PrintInHand>(CONTEXT);
}
