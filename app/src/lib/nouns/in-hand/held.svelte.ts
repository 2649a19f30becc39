import same from 'fast-deep-equal';
import { get, put, worthRepeating, type Outcome } from '../../kit/client.ts';
import { replaceDraft } from '../../kit/draft.svelte.ts';
import { keepList, keptList } from '../../kit/kept-list.ts';
import type { Problem } from '../../kit/problem.ts';
import type { HandState, InHand, InHandBody } from './contract.ts';
import type { PrintDraft } from './draft.ts';
import { differences, merged } from './merge.ts';

/** What is typed goes to the server once nothing more was typed for so long, ms. */
const QUIET_MS = 300;
/** A server that was away is tried again, and one that answers is asked what came from elsewhere, this often, ms. */
const ROUND_MS = 2000;
/** A server that is away gets no more than this, one after the other, before it is heard again. */
const MOST_UNHEARD = 20;

/** What this browser holds of a print until the server has it. */
interface Unsent {
  readonly basedOn: number;
  readonly draft: PrintDraft;
}

const keyOf = (id: string) => `katachron-print-${id}`;

/** Only what the server accepts is taken over from here, so the shape of the draft is its to judge. */
function isUnsent(entry: unknown): entry is Unsent {
  const { basedOn, draft } = (entry ?? {}) as Partial<Unsent>;
  return Number.isInteger(basedOn) && typeof draft === 'object' && draft !== null;
}

/**
 * A print in hand as this page holds it: every change is kept in this browser at once and with the server soon after;
 * what was changed on another device comes in, and where both changed the same, both are shown.
 */
export class Held {
  readonly id: string;
  readonly draft: PrintDraft;
  state = $state<HandState>('in-hand');
  /** Somebody else changed the same meanwhile: what they left. */
  conflict = $state.raw<InHand>();
  problem = $state<Problem>();
  /** There is something that the server does not have. */
  waiting = $state(false);
  /** The server did not answer the last write. */
  away = $state(false);
  #version: number;
  /** As the server has it. */
  #known: PrintDraft;
  /** Sent since the server was heard last: any of these may have come through. */
  #unheard: readonly PrintDraft[] = [];
  #timer: ReturnType<typeof setTimeout> | undefined;
  #sending: Promise<void> | undefined;
  #started = false;
  #becoming = false;

  constructor({ id, version, draft, state }: InHand) {
    this.id = id;
    this.draft = $state(structuredClone(draft));
    this.state = state;
    this.#version = version;
    this.#known = draft;
  }

  /** The one that the next write is based on. */
  get version(): number {
    return this.#version;
  }

  /** What the server knew when a page was read: news only where it is newer, and nothing waits here. */
  learn(row: InHand): void {
    if (row.version > this.#version && !this.waiting) this.#take(row);
  }

  /** Begins to keep it, in the browser; the answer ends that. */
  start(): () => void {
    this.#started = true;
    // What is typed meanwhile waits until that is through.
    if (!this.waiting) {
      this.#sending = this.#sendLeftOver().finally(() => (this.#sending = undefined));
    }
    const round = setInterval(() => void this.#round(), ROUND_MS);
    const leave = () => void this.#send(true);
    addEventListener('pagehide', leave);
    return () => {
      clearInterval(round);
      removeEventListener('pagehide', leave);
      void this.flush();
    };
  }

  /** Call it whenever the draft has changed. */
  changed(now: PrintDraft): void {
    if (!this.#started) return;
    if (same(now, this.#known)) {
      if (this.waiting) this.#settled();
      return;
    }
    // What is worked on is in hand, whatever it was before.
    if (!this.#becoming) this.state = 'in-hand';
    this.waiting = true;
    this.problem = undefined;
    this.#keepHere(now);
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => void this.flush(), QUIET_MS);
  }

  /** Sends what waits, now. */
  async flush(): Promise<void> {
    clearTimeout(this.#timer);
    if (this.waiting && !this.conflict) await this.#send();
  }

  /** Put aside, taken up again, or made. */
  async become(state: HandState): Promise<void> {
    this.state = state;
    this.waiting = true;
    // What was changed in the same breath goes with it.
    this.#becoming = true;
    await this.flush();
    this.#becoming = false;
  }

  /** Of a conflict: what stands here is written over what they left. */
  async keepMine(): Promise<void> {
    if (!this.conflict) return;
    this.#adoptVersion(this.conflict);
    await this.flush();
  }

  /** Of a conflict: what they left takes the place of what stands here. */
  takeTheirs(): void {
    if (!this.conflict) return;
    const theirs = this.conflict;
    this.#adoptVersion(theirs);
    this.#take(theirs);
  }

  /** What differs in a conflict, in words: what it is, here and there. */
  get differences() {
    return this.conflict ? differences($state.snapshot(this.draft), this.conflict.draft) : [];
  }

  #adoptVersion({ version, draft }: InHand): void {
    this.conflict = undefined;
    this.#version = version;
    this.#known = draft;
  }

  #take({ version, draft, state }: InHand): void {
    replaceDraft(this.draft, structuredClone(draft));
    this.state = state;
    this.#version = version;
    this.#known = draft;
    this.#settled();
  }

  #settled(): void {
    this.waiting = false;
    clearTimeout(this.#timer);
    keepList(keyOf(this.id), []);
  }

  #keepHere(draft: PrintDraft): void {
    keepList(keyOf(this.id), [{ basedOn: this.#version, draft } satisfies Unsent]);
  }

  /** What an earlier visit could not send. */
  async #sendLeftOver(): Promise<void> {
    const left = keptList(keyOf(this.id), isUnsent)[0];
    if (!left || same(left.draft, this.#known)) return;
    const body = this.#body(left.draft);
    const began = $state.snapshot(this.draft) as PrintDraft;
    const { value, problem } = await put<InHand>(this.#path, body, left.basedOn);
    const now = $state.snapshot(this.draft) as PrintDraft;
    // Nobody waits for the answer: what was changed while it was under way stands on top of what was left.
    const onTop = same(now, began) ? left.draft : (merged(began, now, left.draft) ?? now);
    if (value) {
      this.#take(value);
      replaceDraft(this.draft, onTop);
      this.changed(onTop);
    } else if (problem.status === 409) {
      // The server has read it, so it is a draft like any other.
      replaceDraft(this.draft, onTop);
      this.waiting = true;
      this.#meet(problem);
    } else if (!worthRepeating(problem)) keepList(keyOf(this.id), []);
  }

  get #path(): string {
    return `/api/v1/prints-in-hand/${this.id}`;
  }

  #body(draft: PrintDraft): InHandBody {
    return { draft, state: this.state, touchedAtMs: Date.now() };
  }

  async #send(leaving = false): Promise<void> {
    if (!this.waiting || this.conflict) return;
    // One write after the other, each on the version of the one before.
    while (this.#sending) await this.#sending;
    const draft = $state.snapshot(this.draft) as PrintDraft;
    this.#sending = this.#write(draft, leaving);
    await this.#sending;
    this.#sending = undefined;
  }

  async #write(draft: PrintDraft, leaving: boolean): Promise<void> {
    const before = this.#unheard;
    this.#unheard = [...before, draft].slice(-MOST_UNHEARD);
    const outcome = await put<InHand>(this.#path, this.#body(draft), this.#version, leaving);
    this.away = outcome.problem !== undefined && worthRepeating(outcome.problem);
    if (outcome.value) {
      this.#version = outcome.value.version;
      this.#known = draft;
      this.#unheard = [];
      const now = $state.snapshot(this.draft) as PrintDraft;
      // What was typed while it was under way goes out next.
      if (same(now, draft)) this.#settled();
      else this.changed(now);
    } else if (outcome.problem.status === 409) this.#meet(outcome.problem, before);
    else if (!worthRepeating(outcome.problem)) this.problem = outcome.problem;
  }

  /** Theirs and ours together where each changed something else; otherwise both are shown. */
  #meet(problem: Problem, unheard: readonly PrintDraft[] = []): void {
    const theirs = problem.stored as InHand | null | undefined;
    if (!theirs) {
      this.problem = problem;
      return;
    }
    // What we sent before came through, only its answer was lost.
    if (unheard.some((draft) => same(theirs.draft, draft))) this.#known = theirs.draft;
    const both = merged(this.#known, $state.snapshot(this.draft) as PrintDraft, theirs.draft);
    if (!both) {
      this.conflict = theirs;
      return;
    }
    this.#version = theirs.version;
    this.#known = theirs.draft;
    replaceDraft(this.draft, both);
  }

  /** Sends what waits; asks for what came from elsewhere when nothing does. */
  async #round(): Promise<void> {
    if (this.conflict || this.#sending || document.visibilityState !== 'visible') return;
    if (this.waiting) {
      if (!this.problem) await this.flush();
      return;
    }
    const { value } = await get<InHand>(this.#path);
    if (value) this.learn(value);
  }
}

/** What this browser has in hand: pages come and go, what was typed into them stays. */
const here = new Map<string, Held>();

/** The print in hand of this browser; a server, which serves many, makes one for each page. */
export function hold(row: InHand): Held {
  const known = here.get(row.id);
  known?.learn(row);
  const held = known ?? new Held(row);
  if (typeof window !== 'undefined') here.set(row.id, held);
  return held;
}

/** Puts a draft on the bench: a new print, or one that is taken up again from the version that is known of it. */
export function putInHand(
  id: string,
  draft: PrintDraft,
  version?: number,
): Promise<Outcome<InHand>> {
  const body: InHandBody = { draft, state: 'in-hand', touchedAtMs: Date.now() };
  return put<InHand>(`/api/v1/prints-in-hand/${id}`, body, version);
}
