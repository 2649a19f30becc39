import { refresh } from './refresh.ts';
import { navigating } from '$app/state';
import { put } from './client.ts';
import { newId } from './new-id.ts';

type Kept<Body> = Body & { readonly id: string; readonly version: number };

interface Change<Body> {
  readonly change: Partial<Body>;
  readonly without: (keyof Body & string) | undefined;
}

function changed<Body extends object>(
  whole: Kept<Body>,
  { change, without }: Change<Body>,
): Kept<Body> {
  const next: Record<string, unknown> = { ...whole, ...change };
  if (without) delete next[without];
  return next as Kept<Body>;
}

/** A thing of a shelf that is worked on: every change goes to the server whole. Call it while a component is made. */
export function shelfInHand<Body extends object>(shelf: string, kept: () => Kept<Body>) {
  let problem = $state<string>();
  /** The version that was answered last: a page that is read again later than the next press would bring an older one. */
  let answered = $state.raw<Kept<Body>>();
  const known = $derived.by(() => {
    const read = kept();
    return answered?.id === read.id && answered.version > read.version ? answered : read;
  });
  /** What was changed and is not answered yet: the next change is one of what is seen, not of what the server knows. */
  let pending = $state.raw<readonly Change<Body>[]>([]);
  const now = $derived(pending.reduce(changed, known));
  /** Of what was sent and not answered: sent again it is the same, so that it is there once. */
  let stamp: { readonly key: string; readonly id: string; readonly atMs: number } | undefined;

  /** Each write is based on the version of the one before it. */
  let turn = Promise.resolve(true);

  async function writeNow(
    { change, without }: Change<Body>,
    settled: () => void,
  ): Promise<boolean> {
    const { id, version, ...body } = changed(known, { change, without });
    const outcome = await put<Kept<Body>>(
      `/api/v1/${shelf}/${String(id)}`,
      body,
      version as number,
    );
    // That it is kept takes nothing back that was said since it was sent.
    if (outcome.problem) {
      problem = outcome.problem.detail;
      return false;
    }
    answered = outcome.value;
    settled();
    stamp = undefined;
    // A page that is on its way would be called off by reading anew.
    await navigating.complete?.catch(() => undefined);
    // It is kept already: where the page cannot be read anew it stays as it is.
    await refresh().catch(() => undefined);
    return true;
  }

  return {
    get now() {
      return now;
    },
    get problem() {
      return problem;
    },
    set problem(sentence: string | undefined) {
      problem = sentence;
    },
    /** Id and instant of an entry: those of before while the same is sent again. */
    stampOf(entry: object): { readonly id: string; readonly atMs: number } {
      const key = JSON.stringify(entry);
      if (stamp?.key !== key) stamp = { key, id: newId(), atMs: Date.now() };
      return { id: stamp.id, atMs: stamp.atMs };
    },
    /** Before another page goes on with it: once all that was changed is kept; false where it could not be. */
    whenKept(): Promise<boolean> {
      return pending.length === 0 ? Promise.resolve(true) : turn;
    },
    /** Writes it with these changes, and without a part where that is named, one after the other; true when it is kept. */
    write(change: Partial<Body>, without?: keyof Body & string): Promise<boolean> {
      const one: Change<Body> = { change, without };
      const settled = () => (pending = pending.filter((other) => other !== one));
      pending = [...pending, one];
      // What was wrong before is not wrong with this.
      problem = undefined;
      turn = turn.then(() => writeNow(one, settled).finally(settled));
      return turn;
    },
  };
}
export type ShelfInHand<Body extends object> = ReturnType<typeof shelfInHand<Body>>;
